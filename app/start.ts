import '@fontsource-variable/atkinson-hyperlegible-next'
import '@fontsource-variable/bricolage-grotesque'
import './styles/elementParts'
import './styles/element.css'
import './styles/elementFields.css'
import './styles/elementPanels.css'
import './styles/elementTables.css'
import './styles/base.css'
import './styles/charts.css'
import './styles/access.css'
import { createPinia } from 'pinia'
import { createApp } from 'vue'
import App from './App.vue'
import { router } from './router'
import { useShelf } from './stores/shelf/shelf'

const app = createApp(App).use(createPinia())
// What the shelf shows is read while the room is still on its way.
if (location.pathname === '/') void useShelf().look()
app.use(router).mount('#app')

/** What the room itself wants comes first. */
const AFTER_MS = 3000
if ('serviceWorker' in navigator && import.meta.env.PROD)
  setTimeout(() => {
    void import('./offline/newVersion').then(({ keepApplication }) => keepApplication())
  }, AFTER_MS)
// What is stored is looked at before this window stores anything.
void import('./stores/freePictures').then(({ freePictures }) => freePictures())
