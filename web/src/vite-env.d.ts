/// <reference types="vite/client" />
declare module '*.css';
declare module '@fontsource-variable/fraunces/standard.css';
