<script setup lang="ts">
import { useMediaQuery } from '@vueuse/core'
import { computed, nextTick, ref, watch, watchEffect } from 'vue'
import { useRoute } from 'vue-router'
import { replaced } from './offline/replaced'
import { useAwayRoom } from './offline/useAwayRoom'
import { rooms } from './rooms'
import { useBackup } from './stores/backup'
import { useProject } from './stores/project/project'
import { useArrival } from './keys/useArrival'
import { useHeldFocus } from './keys/useHeldFocus'
import { useBackupReminder } from './keys/useBackupReminder'
import { useKeys } from './keys/useKeys'
import { helpShown, tourShown } from './parts/helpShown'
import { useGround } from './parts/ground'
import { later } from './parts/later'
import { tip } from './parts/tip/tip'
import FieldSwitch from './parts/FieldSwitch.vue'
import DeskTrouble from './parts/DeskTrouble.vue'
import SaveState from './parts/SaveState.vue'
import TroubleNote from './parts/TroubleNote.vue'

const store = useProject()
const backup = useBackup()
const route = useRoute()
/** In a commission, not at the shelf. */
const inside = computed(() => typeof route.params.commission === 'string')
const room = computed(() => rooms.find(({ name }) => name === route.name))
const empty = computed(() => room.value?.ofFigure && store.project.figures.length === 0)
const linked = computed(() => (inside.value ? rooms.filter(({ under }) => !under) : []))

const field = useGround()
/** A room of its own has a way out instead of the others. */
const whole = computed(() => inside.value && room.value?.whole === true && !empty.value)
watchEffect(() => document.documentElement.setAttribute('data-field', field.value))

const { away, again } = useAwayRoom()
const awayWords = computed(() =>
  replaced.value
    ? 'A newer version has taken over in another window, and this one’s files are gone. Your work is saved.'
    : `The room ${String(away.value?.name)} could not be loaded; is the server within reach? Your work is as it was.`,
)
const reload = (): void => location.reload()

const refusals = computed(() =>
  store.refused.map(({ place, message }) => (place ? `${place}: ${message}` : message)),
)

// On a phone the rooms are a row wider than the screen: the one that is open stays in sight.
const phone = useMediaQuery('(max-width: 640px)')
const nav = ref<HTMLElement>()
function showRoom(): void {
  const here = nav.value?.querySelector<HTMLElement>('.here')
  if (here)
    nav.value!.scrollLeft = here.offsetLeft - (nav.value!.clientWidth - here.offsetWidth) / 2
}
watch([() => route.name, phone], () => void nextTick(() => phone.value && showRoom()), {
  immediate: true,
  flush: 'post',
})
const { commands } = useKeys()
useBackupReminder()
const NoFigure = later(() => import('./parts/NoFigure.vue'))
const CommandBox = later(() => import('./keys/CommandBox.vue'))
const TipHost = later(() => import('./parts/tip/TipHost.vue'))
const RoomTour = later(() => import('./keys/RoomTour.vue'))
const RoomHelp = later(() => import('./keys/RoomHelp.vue'))
const RestNotice = later(() => import('./parts/rests/RestNotice.vue'))
/** Something of the open figure is laid or painted, so that a change may have to be asked about. */
const decided = computed(() => inside.value && store.figure.stack !== undefined)
const main = ref<HTMLElement>()
useArrival(main)
const space = ref<HTMLElement>()
useHeldFocus(space)
/** Past the rooms to the room itself. */
function skip(): void {
  const here = main.value?.querySelector<HTMLElement>('main')
  if (!here) return
  here.tabIndex = -1
  here.focus()
}
</script>

<template>
  <div class="shell" :class="{ whole }">
    <a class="skip" href="#room" @click.prevent="skip">To the room</a>
    <nav v-show="!whole" ref="nav" class="rooms" aria-label="Rooms">
      <RouterLink to="/" class="brand">cobalt<wbr />finch</RouterLink>
      <RouterLink to="/" class="room" :class="{ here: !inside }">Shelf</RouterLink>
      <RouterLink
        v-for="one in linked"
        :key="one.path"
        :to="{ name: one.name, params: one.path.includes('/:way') ? { way: '' } : {} }"
        class="room"
        :data-room="one.name"
        :class="{ here: room === one || room?.under === one.name }"
      >
        {{ one.name }}
      </RouterLink>
      <span class="grow" />
      <FieldSwitch v-model="field" />
      <SaveState v-if="inside" class="save" />
    </nav>
    <div ref="space" class="space">
      <div id="room" ref="main" class="room-space">
        <DeskTrouble :inside="inside" />
        <TroubleNote v-if="backup.trouble" :text="backup.trouble" @close="backup.trouble = ''" />
        <TroubleNote
          v-if="away"
          :text="awayWords"
          :action="replaced ? 'Go over to it' : 'Try again'"
          @act="replaced ? reload() : again()"
          @close="away = undefined"
        />
        <TroubleNote
          v-if="refusals.length"
          text="That change was not made; your work is as it was."
          :details="refusals"
          @close="store.refused = []"
        />
        <RouterView v-slot="{ Component }">
          <NoFigure v-if="empty" />
          <Suspense v-else>
            <component :is="Component" />
          </Suspense>
        </RouterView>
      </div>
      <RestNotice v-if="decided" :room="main" />
    </div>
    <CommandBox v-if="commands" v-model="commands" />
    <RoomTour v-if="tourShown && inside" v-model="tourShown" />
    <TipHost v-if="tip" />
    <RoomHelp v-if="helpShown" v-model="helpShown" />
  </div>
</template>

<style scoped>
.shell {
  display: grid;
  grid-template-columns: 5.75rem minmax(0, 1fr);
  grid-template-rows: minmax(0, 1fr);
  height: 100%;
}
.skip {
  position: absolute;
  left: -999px;
  z-index: 10;
  padding: 8px 14px;
  background: var(--ground);
  color: var(--ground-text);
}
.skip:focus {
  left: 8px;
  top: 8px;
}
.rooms {
  background: var(--ground);
  color: var(--ground-text);
  display: flex;
  flex-direction: column;
  padding: 12px 0;
}
.rooms a {
  color: inherit;
  text-decoration: none;
}
.rooms a:focus-visible {
  outline-color: var(--cobalt-bright);
  outline-offset: -4px;
}
.brand {
  width: min-content;
  font: 700 1rem/1 var(--name-face);
  color: var(--cobalt-bright) !important;
  padding: 2px 16px 16px;
}
.room {
  padding: 10px 12px 10px 16px;
  min-height: 44px;
  border-left: 4px solid transparent;
}
.room.here {
  background: #3a3a3a;
  border-left-color: var(--cobalt-bright);
}
.grow {
  flex: 1;
}
.save {
  margin: 8px 0 0;
  padding: 0 8px;
  font-size: 0.875rem;
  text-align: center;
  color: #cfcfcf;
}
.space {
  min-width: 0;
  min-height: 0;
  display: flex;
  flex-direction: column;
}
.room-space {
  flex: 1;
  min-height: 0;
  overflow: auto;
}
.shell.whole {
  grid-template-columns: minmax(0, 1fr);
}
@media (max-width: 640px) {
  .shell {
    grid-template-columns: minmax(0, 1fr);
    grid-template-rows: minmax(0, 1fr) auto;
  }
  .rooms {
    order: 2;
    flex-direction: row;
    align-items: center;
    padding: 0;
    overflow-x: auto;
  }
  .brand {
    display: none;
  }
  .room {
    border-left: 0;
    border-top: 4px solid transparent;
    /* The bar scrolls; words are not squeezed together. */
    flex: none;
    padding: 8px 14px;
  }
  .room.here {
    border-top-color: var(--cobalt-bright);
  }
  .save {
    margin: 0;
    padding-right: 12px;
  }
}
</style>
