<script setup lang="ts">
import { useIdle } from '@vueuse/core'
import { DEMO_PIN } from '#shared/demo'

const shop = useShopStore()
const session = useSessionStore()
const trouble = ref('')
async function open(): Promise<void> {
  try {
    if (!session.view) await session.look()
    if (session.person) await shop.load()
    trouble.value = ''
  } catch (error) {
    trouble.value = (error as Error).message
  }
}
await open()
if (session.view && !session.device) await navigateTo('/let-in', { replace: true })
watch(
  () => session.person?.id,
  id => void (id && open()),
)
/** somebody else comes to the bench: from the top, or from a job's own menu where the top has no room */
const changing = useState('changing-person', () => false)
const { idle } = useIdle((session.view?.idleMinutes ?? 15) * 60_000)
watch(idle, now => void (now && session.leave()))
const place = usePlaceStore()
const router = useRouter()
const route = useRoute()
/** a job stands on one screen: its panes scroll, its head and its stops do not */
const framed = computed(() => /^\/jobs\/(?!new$)[^/]+$/.test(route.path))
const help = ref(false)
const find = ref<{ focus(): void } | null>(null)
useKeys({
  '/': () => find.value?.focus(),
  n: () => {
    if (session.may('book')) void router.push('/jobs/new')
  },
  '?': () => {
    help.value = true
  },
  t: () => {
    void router.push('/')
  },
  m: () => {
    void router.push('/machines')
  },
})
</script>

<template>
  <div :class="{ framed }">
    <a href="#main" class="skip">Skip to the work</a>
    <header class="top">
      <NuxtLink to="/" class="mark" aria-label="Remedium, today">
        <svg width="22" height="22" viewBox="0 0 22 22" aria-hidden="true">
          <circle
            cx="11"
            cy="11"
            r="9.3"
            fill="none"
            stroke="currentColor"
            stroke-width="2.4"
            stroke-dasharray="49 9.5"
            transform="rotate(-60 11 11)"
          />
          <path d="M11 6v10M7.5 12.5 11 16l3.5-3.5" fill="none" stroke="currentColor" stroke-width="2.2" />
        </svg>
        <span>Remedium</span>
      </NuxtLink>
      <nav aria-label="Main">
        <NuxtLink to="/" :class="{ on: $route.path === '/' || $route.path.startsWith('/jobs') }">Today</NuxtLink>
        <NuxtLink to="/oil" :class="{ on: $route.path === '/oil' }">Oil</NuxtLink>
        <NuxtLink to="/mix" :class="{ on: $route.path === '/mix' }">Mix</NuxtLink>
        <NuxtLink to="/tools" :class="{ on: $route.path === '/tools' }">Tools</NuxtLink>
        <NuxtLink to="/causes" :class="{ on: $route.path === '/causes' }">Causes</NuxtLink>
        <NuxtLink to="/machines" :class="{ on: $route.path.startsWith('/machines') }">Machines</NuxtLink>
        <NuxtLink to="/parts" :class="{ on: $route.path === '/parts' }">Parts</NuxtLink>
        <NuxtLink to="/shelf" :class="{ on: $route.path === '/shelf' }">Shelf</NuxtLink>
        <NuxtLink to="/specs" :class="{ on: $route.path.startsWith('/specs') }">Specs</NuxtLink>
        <NuxtLink to="/shop" :class="{ on: $route.path === '/shop' }">Shop</NuxtLink>
      </nav>
      <FindBox ref="find" />
      <ElButton text class="keyhelp" title="Keys" @click="help = true">?<span class="sr"> Keys</span></ElButton>
      <ElButton v-if="session.device" text class="who" @click="changing = true">
        <i class="initials" aria-hidden="true">{{ session.person?.initials ?? '?' }}</i>
        <span><span class="sr">Who is at the bench: </span>{{ session.person?.name ?? 'Who is it?' }}</span>
      </ElButton>
    </header>
    <main id="main" tabindex="-1">
      <p v-if="session.view?.demo" class="demo">
        A made-up shop: it lets browsers in and signs its keeper in by itself. Everybody’s PIN here is {{ DEMO_PIN }}.
      </p>
      <p v-if="place.words" class="bar place" role="alert">{{ place.words }}</p>
      <p v-if="trouble" class="bar" role="alert">{{ trouble }}</p>
      <slot v-else-if="shop.loaded" />
    </main>
    <WhoIsIt v-if="session.device" v-model:changing="changing" />
    <ElDialog v-model="help" title="Keys" width="420px">
      <dl class="keys">
        <template
          v-for="[key, what] in [
            ['/', 'find anything'],
            ...(session.may('book') ? [['n', 'book in a new job']] : []),
            ['t', 'today'],
            ['m', 'machines'],
            ['Alt 1 … 9', 'open a stage of the job'],
            ['u', 'undo what was just logged'],
            ['Enter', 'log what the form holds'],
            ['↑ ↓', 'move the oil on the stick'],
            ['?', 'this list'],
          ]"
          :key="key"
          ><dt>
            <kbd>{{ key }}</kbd>
          </dt>
          <dd>{{ what }}</dd></template
        >
      </dl>
    </ElDialog>
  </div>
</template>

<style scoped>
.place {
  margin: 10px 20px 0;
}
.top {
  min-height: var(--top);
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 0 4px;
  padding: 0 16px;
  border-bottom: 1px solid var(--rule-2);
  background: var(--sheet);
}
.mark {
  font: 600 21px/1 var(--label);
  letter-spacing: 0.02em;
  color: var(--petrol);
  margin-right: 18px;
  display: flex;
  gap: 8px;
  align-items: center;
  text-decoration: none;
  min-height: var(--touch);
}
nav {
  display: flex;
}
nav a {
  padding: 14px 12px 12px;
  color: var(--ink-2);
  text-decoration: none;
  font-weight: 500;
  border-bottom: 2px solid transparent;
  min-height: var(--top);
}
nav a:hover {
  color: var(--ink);
}
nav a.on {
  color: var(--ink);
  border-color: var(--petrol);
}
.who {
  margin-left: 10px;
}
.who i {
  margin-right: 8px;
  background: var(--petrol);
}
.demo {
  margin: 0;
  padding: 5px 20px;
  background: var(--near-wash);
  color: var(--ink);
  font-size: 13.5px;
}
.skip {
  position: absolute;
  left: -999px;
  top: 0;
  background: var(--ink);
  color: var(--sheet);
  padding: 12px;
  z-index: 10;
}
.skip:focus {
  left: 0;
}
@media screen and (min-width: 1001px) and (min-height: 560px) {
  .framed {
    height: 100dvh;
    display: flex;
    flex-direction: column;
    overflow: hidden;
    position: relative;
  }
  .framed main {
    flex: 1;
    min-height: 0;
    display: flex;
    flex-direction: column;
  }
}
main:focus {
  outline: none;
}
.keys {
  display: grid;
  grid-template-columns: 80px 1fr;
  gap: 8px 12px;
}
.keyhelp.el-button.el-button {
  width: 44px;
  padding: 0;
  margin-left: 4px;
  justify-content: center;
  font-size: 17px;
}
@media (max-width: 700px) {
  .framed .top,
  .framed .demo,
  .keyhelp.el-button.el-button {
    display: none;
  }
  .top {
    padding: 0 12px;
  }
  .mark {
    margin-right: auto;
  }
  nav {
    order: 3;
    flex: 1 1 100%;
    flex-wrap: wrap;
  }
  nav a {
    flex: 1 0 auto;
    text-align: center;
    min-height: var(--touch);
    padding: 10px 4px 8px;
  }
  .top :deep(.find) {
    order: 4;
  }
}
@media print {
  .top {
    display: none;
  }
}
</style>
