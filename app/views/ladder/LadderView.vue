<script setup lang="ts">
import InTurn, { inItsTurn } from '../../parts/inTurn'
import { useLadder } from '../../stores/ladder/ladder'
import LadderRoom from './LadderRoom.vue'

/** What the ladder aims at is worked out in one task and drawn in the next: both at once would hold the page. */
inItsTurn(() => void useLadder().steps)
</script>

<template>
  <InTurn><LadderRoom /></InTurn>
</template>
