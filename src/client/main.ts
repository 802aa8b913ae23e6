import '@fontsource-variable/bitter'
import '@fontsource-variable/hanken-grotesk'
import { createPinia } from 'pinia'
import { createApp } from 'vue'
import App from './App.vue'
import { router } from './router'
import './styles/main.scss'

const darkRoom = matchMedia('(prefers-color-scheme: dark)')
const followRoom = () => document.documentElement.setAttribute('data-bs-theme', darkRoom.matches ? 'dark' : 'light')
darkRoom.addEventListener('change', followRoom)
followRoom()

createApp(App).use(createPinia()).use(router).mount('#app')
