/** Every room and every panel of one that has controls of its own. */
export const everyRoom =
  `/ /new /ladder /ladder?show=charts /ladder?show=form /range /figures /box /box/add /box/card /tone /tone/hide /coats
  /accents /bench /log /log?show=critic /eye`.split(/\s+/)
