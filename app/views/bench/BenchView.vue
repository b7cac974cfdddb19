<script setup lang="ts">
import InTurn, { inItsTurn } from '../../parts/inTurn'
import { useBench } from '../../stores/bench/bench'
import BenchRoom from './BenchRoom.vue'

/** What lies on the bench is worked out in one task and drawn in the next: both at once would hold the page. */
inItsTurn(() => void useBench().now)
</script>

<template>
  <InTurn><BenchRoom /></InTurn>
</template>
