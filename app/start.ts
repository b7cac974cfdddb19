import '@fontsource-variable/atkinson-hyperlegible-next'
import '@fontsource-variable/bricolage-grotesque'
import 'element-plus/theme-chalk/base.css'
import './styles/base.css'
import './styles/charts.css'
import { createPinia } from 'pinia'
import { createApp } from 'vue'
import AppRoot from './AppRoot.vue'
import { router } from './router'

createApp(AppRoot).use(createPinia()).use(router).mount('#app')
