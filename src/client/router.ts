import { createRouter, createWebHistory } from 'vue-router'
import CardView from './features/card/CardView.vue'

/** The rooms, in the order of the side list; `g` and the letter goes there. */
export const rooms = [
  { path: '/card', name: 'Card', letter: 'c' },
  { path: '/coverage', name: 'Coverage', letter: 'v' },
  { path: '/workbench', name: 'Workbench', letter: 'w' },
  { path: '/practice', name: 'Practice', letter: 'p' },
  { path: '/classes', name: 'Classes', letter: 'k' },
  { path: '/desk', name: 'Desk', letter: 'd' },
  { path: '/shelf', name: 'Shelf', letter: 's' },
  { path: '/log', name: 'Log', letter: 'l' },
  { path: '/shop', name: 'Shop', letter: 'o' },
] as const

export const router = createRouter({
  history: createWebHistory(),
  routes: [
    { path: '/', redirect: '/card' },
    { path: '/card', component: CardView },
    { path: '/coverage', component: () => import('./features/coverage/CoverageView.vue') },
    { path: '/classes', component: () => import('./features/classes/ClassesView.vue') },
    { path: '/classes/cupboard', component: () => import('./features/classes/CupboardView.vue') },
    {
      path: '/classes/:id',
      component: () => import('./features/classes/ClassRoom.vue'),
      props: true,
      children: [
        { path: '', component: () => import('./features/classes/ClassReadiness.vue') },
        { path: 'run-sheet', component: () => import('./features/classes/ClassRunSheet.vue') },
        { path: 'supplies', component: () => import('./features/classes/ClassSupplies.vue') },
        { path: 'handouts', component: () => import('./features/classes/ClassHandouts.vue') },
        { path: 'after', component: () => import('./features/classes/ClassAfter.vue') },
        { path: 'facts', component: () => import('./features/classes/ClassFacts.vue') },
      ],
    },
    { path: '/practice', component: () => import('./features/practice/PracticeView.vue') },
    {
      path: '/practice/lessons/:id(\\d+)',
      component: () => import('./features/practice/LessonView.vue'),
      props: true,
    },
    { path: '/practice/progress', component: () => import('./features/practice/ProgressView.vue') },
    { path: '/whatif', component: () => import('./features/practice/WhatIfView.vue') },
    {
      path: '/p/:token',
      component: () => import('./features/practice/SharedPractice.vue'),
      props: true,
      meta: { open: true },
    },
    { path: '/desk', component: () => import('./features/desk/DeskView.vue') },
    { path: '/desk/looking-back', component: () => import('./features/desk/LookingBack.vue') },
    { path: '/desk/links', component: () => import('./features/desk/SharedLinks.vue') },
    { path: '/desk/trade-up', component: () => import('./features/desk/TradeUp.vue') },
    { path: '/desk/new', component: () => import('./features/desk/CaseView.vue') },
    { path: '/desk/:id(\\d+)', component: () => import('./features/desk/CaseView.vue'), props: true },
    {
      path: '/c/:token',
      component: () => import('./features/phone/PhoneCard.vue'),
      props: true,
      meta: { open: true },
    },
    { path: '/translate', component: () => import('./features/translate/TranslateView.vue') },
    { path: '/workbench/:calculator?', component: () => import('./features/workbench/WorkbenchView.vue') },
    {
      path: '/shelf',
      component: () => import('./features/shelf/ShelfRoom.vue'),
      children: [
        { path: '', redirect: (to) => ({ path: '/shelf/models', query: to.query }) },
        { path: 'history', component: () => import('./features/shelf/HistoryView.vue') },
        { path: 'fit', component: () => import('./features/shelf/FitView.vue') },
        { path: 'catalogue', component: () => import('./features/import/CatalogueMerge.vue') },
        { path: 'editions', component: () => import('./features/technique/EditionsView.vue') },
        { path: 'techniques/:id', component: () => import('./features/technique/TechniqueEditor.vue'), props: true },
        { path: 'models/:id', component: () => import('./features/shelf/ModelView.vue'), props: true },
        { path: 'models/:id/chart', component: () => import('./features/import/ChartImport.vue'), props: true },
        { path: 'fits/chart', component: () => import('./features/import/FitChartImport.vue') },
        {
          path: ':resource(makes|functions|threads|items|fits|fabrics)/file',
          component: () => import('./features/import/ListImport.vue'),
          props: true,
        },
        { path: ':shelf', component: () => import('./features/shelf/ShelfView.vue') },
      ],
    },
    { path: '/log', component: () => import('./features/log/LogView.vue') },
    { path: '/log/new', component: () => import('./features/log/LogSample.vue') },
    { path: '/log/printer', component: () => import('./features/log/PrinterView.vue') },
    { path: '/log/:id', component: () => import('./features/log/LadderView.vue'), props: true },
    { path: '/shop/customers', component: () => import('./features/customers/CustomersView.vue') },
    { path: '/shop/customers/file', component: () => import('./features/customers/CustomersFile.vue') },
    { path: '/shop/outbox', component: () => import('./features/shop/OutboxView.vue') },
    { path: '/shop', component: () => import('./features/shop/ShopView.vue') },
    { path: '/:rest(.*)*', component: () => import('./ui/NotHere.vue') },
  ],
})

/** Says after a reload why it came, until the room is there. */
export const UPDATED = 'handhold-updated'
const ROOM_IS_GONE = /dynamically imported module|module script failed|Unable to preload/i

/**
 * A room whose file is not there any more: Handhold was updated while this page was open. It is loaded anew at the
 * room that was asked for; what was typed is kept in the browser. Once only, should the file be missing for another
 * reason.
 */
router.onError((error: Error, to) => {
  if (!ROOM_IS_GONE.test(error.message) || sessionStorage.getItem(UPDATED) === to.fullPath) return
  sessionStorage.setItem(UPDATED, to.fullPath)
  location.assign(to.fullPath)
})
router.afterEach((_, __, failure) => {
  if (!failure) sessionStorage.removeItem(UPDATED)
})
