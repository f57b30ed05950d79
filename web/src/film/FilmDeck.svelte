<!-- The film and its keys: play, slow, a second or five on or back, the roll begins here, mark. -->
<script lang="ts">
  import { onDestroy } from 'svelte';
  import { clock } from '../words';
  import type { Film } from './film.svelte';

  let { film, captions, onmark }: { film: Film; captions?: string; onmark?: () => void } = $props();

  onDestroy(() => film.close());

  const steps = [-5, -1, 1, 5];
</script>

<section class="film" aria-label="Film">
  {#if film.url}
    <!-- A film of one's own roll has no captions until the roll is told. -->
    <!-- svelte-ignore a11y_media_has_caption -->
    <video
      bind:this={film.video}
      src={film.url}
      bind:currentTime={film.time}
      bind:paused={film.paused}
      playsinline
      muted
      preload="auto"
      onerror={() =>
        (film.failed = 'This browser cannot play that film. Save it as MP4 or WebM, then open it again.')}
    >
      {#if captions}<track kind="captions" src={captions} default />{/if}
    </video>
    <div class="bar">
      <button class="may" onclick={film.play} title="Alt+P">{film.paused ? 'Play' : 'Pause'}</button>
      {#each steps as step (step)}
        <button
          class="may step"
          onclick={() => film.by(step)}
          title="Alt+{Math.abs(step) === 5 ? 'Shift+' : ''}{step < 0 ? ',' : '.'}"
          aria-label="{Math.abs(step)} {Math.abs(step) === 1 ? 'second' : 'seconds'} {step < 0
            ? 'back'
            : 'on'}">{step > 0 ? '+' : '−'}{Math.abs(step)} s</button
        >
      {/each}
      <button class="may pick" aria-pressed={film.slow} onclick={film.slower} title="Alt+S">Half speed</button
      >
      {#if onmark}<button class="do" onclick={onmark} title="Alt+M">Mark {clock(film.at ?? 0)}</button
        >{:else}<span class="now">{clock(film.at ?? 0)}</span>{/if}
    </div>
    <div class="bar">
      <button class="may" onclick={film.beginHere}
        >{film.start
          ? `The roll begins at ${clock(film.start)} of the film; take back`
          : 'The roll begins here'}</button
      >
      <button class="may" onclick={() => film.close()}>Close the film</button>
    </div>
    {#if film.failed}<p class="fault" role="alert">{film.failed}</p>{/if}
  {:else}
    <label class="open">
      <span>Film beside it</span>
      <input
        type="file"
        accept="video/*"
        onchange={(e) => {
          const file = e.currentTarget.files?.[0];
          if (file) film.open(file);
        }}
      />
    </label>
    <p class="quiet">It plays in this tab only: never sent, never copied, nothing of it kept.</p>
  {/if}
</section>

<style>
  .film {
    margin-bottom: 0.75rem;
  }
  video {
    display: block;
    width: 100%;
    max-height: 44vh;
    background: #000;
    border-radius: 4px;
  }
  .bar {
    display: flex;
    flex-wrap: wrap;
    gap: 0.375rem;
    margin-top: 0.5rem;
    align-items: center;
  }
  .bar .may {
    padding: 0 0.625rem;
  }
  .now {
    margin-left: auto;
    font-weight: 650;
  }
  .do {
    margin-left: auto;
  }
  .open {
    display: flex;
    flex-wrap: wrap;
    gap: 0.25rem 0.75rem;
    align-items: center;
    min-height: 44px;
  }
  .open span {
    font-weight: 600;
  }
  .open input {
    min-height: 44px;
    padding: 0.5rem 0;
    max-width: 100%;
  }
</style>
