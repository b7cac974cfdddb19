/// <reference types="vite-plugin-pwa/client" />
declare module 'element-plus/theme-chalk/*.css'
declare module '@fontsource-variable/*'
