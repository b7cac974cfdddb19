/** Pictures that every browser opens. */
export const PICTURES = 'image/jpeg,image/png,image/webp,image/avif'
