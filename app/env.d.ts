declare module 'element-plus/theme-chalk/*.css'
declare module '@fontsource-variable/*'
