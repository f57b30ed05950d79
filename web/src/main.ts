import { mount } from 'svelte';
import App from './App.svelte';
import './app.css';
import { useMode } from './base/mode.svelte';

useMode();
const target = document.getElementById('app');
if (target) mount(App, { target });
