declare module '@fontsource-variable/bitter'
declare module '@fontsource-variable/hanken-grotesk'
