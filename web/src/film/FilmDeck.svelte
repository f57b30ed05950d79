<!-- The film and its keys: play, slow, a second or five on or back, the roll begins here, mark. -->
<script lang="ts">
  import { onDestroy } from 'svelte';
  import { keys } from '../base/keys';
  import { clock } from '../base/words';
  import FileButton from '../kit/FileButton.svelte';
  import Hint from '../kit/Hint.svelte';
  import Scrubber from '../kit/Scrubber.svelte';
  import type { Film } from './film.svelte';

  let { film, captions, onmark }: { film: Film; captions?: string; onmark?: () => void } = $props();

  onDestroy(() => film.close());

  const steps = [
    { by: -5, key: keys.farBack },
    { by: -1, key: keys.back },
    { by: 1, key: keys.on },
    { by: 5, key: keys.farOn },
  ];
  const worded = (by: number) =>
    `${Math.abs(by)} ${Math.abs(by) === 1 ? 'second' : 'seconds'} ${by < 0 ? 'back' : 'on'}`;
</script>

<section class="film" aria-label="Film">
  {#if film.url}
    <!-- A film of one's own roll has no captions until the roll is told. -->
    <video
      bind:this={film.video}
      src={film.url}
      bind:currentTime={film.time}
      bind:duration={film.length}
      bind:paused={film.paused}
      playsinline
      muted
      preload="auto"
      onerror={() =>
        (film.failed = 'This browser cannot play that film. Save it as MP4 or WebM, then open it again.')}
    >
      {#if captions}<track kind="captions" src={captions} default />{/if}
    </video>
    {#if film.length > 0}
      <Scrubber
        label="Where in the film"
        value={film.time}
        most={film.length}
        say={clock}
        onmove={film.seek}
      />
    {/if}
    <div class="bar">
      <Hint hint={keys.play.show}>
        {#snippet children(attributes)}<button {...attributes} class="may" onclick={film.play}
            >{film.paused ? 'Play' : 'Pause'}</button
          >{/snippet}
      </Hint>
      {#each steps as step (step.by)}
        <Hint hint={step.key.show}>
          {#snippet children(attributes)}<button
              {...attributes}
              class="may step"
              onclick={() => film.by(step.by)}
              aria-label={worded(step.by)}>{step.by > 0 ? '+' : '−'}{Math.abs(step.by)} s</button
            >{/snippet}
        </Hint>
      {/each}
      <Hint hint={keys.slow.show}>
        {#snippet children(attributes)}<button
            {...attributes}
            class="may pick"
            aria-pressed={film.slow}
            onclick={film.slower}>Half speed</button
          >{/snippet}
      </Hint>
      {#if onmark}
        <Hint hint={keys.mark.show}>
          {#snippet children(attributes)}<button {...attributes} class="do" onclick={onmark}
              >Mark {clock(film.at ?? 0)}</button
            >{/snippet}
        </Hint>
      {:else}<span class="now">{clock(film.at ?? 0)}</span>{/if}
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
    <FileButton label="Film beside it" accept={['video/*']} onfile={(file) => film.open(file)} />
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
</style>
