<script setup lang="ts">
import dayjs from 'dayjs'

/** Secret addresses of one thing, with what each shows in words. */
const props = defineProps<{ url: string; give: string; shows: string }>()
const { lines, link, message, load, give: make, takeBack } = useSecretLinks(props.url)
onMounted(load)
</script>

<template>
  <div class="secret">
    <div class="acts">
      <ElButton @click="make">{{ give }}</ElButton><span class="note">{{ shows }}</span>
    </div>
    <p v-if="message" class="fault" role="alert">{{ message }}</p>
    <p v-if="link" class="link" role="status">
      <b>Told once:</b> <code>{{ link }}</code>
    </p>
    <ul>
      <li v-for="l in lines" :key="l.id">
        <span>{{ dayjs(l.madeAt).format('D MMM YYYY') }}, by {{ l.madeBy }}</span>
        <span v-if="l.withdrawnAt" class="lab">taken back {{ dayjs(l.withdrawnAt).format('D MMM') }}</span>
        <ElPopconfirm
          v-else
          title="Take this address back? It then shows nothing more."
          confirm-button-text="Take it back"
          cancel-button-text="Leave it"
          width="280"
          @confirm="takeBack(l)"
        >
          <template #reference
            ><ElButton link class="link"
              >Take back<span class="sr"> the one of {{ dayjs(l.madeAt).format('D MMM') }}</span></ElButton
            ></template
          >
        </ElPopconfirm>
      </li>
    </ul>
  </div>
</template>

<style scoped>
.secret .note {
  margin: 0;
}
p.link {
  color: var(--ink);
  text-decoration: none;
  overflow-wrap: anywhere;
}
li {
  display: flex;
  gap: 14px;
  align-items: center;
  min-height: 44px;
  border-bottom: 1px solid var(--rule);
}
</style>
