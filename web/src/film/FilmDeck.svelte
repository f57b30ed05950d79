<!-- The film above its own stick: the stick is its time, and a mark is a cut in it. -->
<script lang="ts">
  import { onDestroy } from 'svelte';
  import { keys } from '../base/keys';
  import { clock } from '../base/words';
  import FileButton from '../kit/FileButton.svelte';
  import Hint from '../kit/Hint.svelte';
  import type { StickData } from '../stick/shape';
  import FilmStick from './FilmStick.svelte';
  import type { Film } from './film.svelte';

  let {
    film,
    captions,
    stick,
    onmark,
  }: {
    film: Film;
    captions?: string;
    /** What is told so far: it becomes the film's time. */
    stick?: StickData | null;
    onmark?: () => void;
  } = $props();

  onDestroy(() => film.close());
</script>

<section class="film" aria-label="Film">
  {#if film.url}
    <!-- A film of one's own roll has no captions until the roll is told. -->
    <div class="above">
      <button class="picture" onclick={film.play} aria-label={film.paused ? 'Play' : 'Pause'}>
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
      </button>
      <div class="bar">
        <Hint hint={keys.slow.show}>
          {#snippet children(attributes)}<button
              {...attributes}
              class="may pick"
              aria-pressed={film.slow}
              onclick={film.slower}>Half speed</button
            >{/snippet}
        </Hint>
        <button class="may" onclick={film.beginHere}
          >{film.start
            ? `The roll begins at ${clock(film.start)} of the film; take back`
            : 'The roll begins here'}</button
        >
        <button class="may" onclick={() => film.close()}>Close the film</button>
        <span class="quiet">Press the picture to {film.paused ? 'play' : 'stop'} it.</span>
      </div>
    </div>
    {#if film.length > 0}<FilmStick {film} {stick} {onmark} />{/if}
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
    max-width: 100%;
    height: max(30vh, 12rem);
    object-fit: contain;
    margin-inline: auto;
    border-radius: 4px;
  }
  .bar {
    display: flex;
    flex-wrap: wrap;
    gap: 0.375rem;
    align-items: center;
  }
  .above {
    display: grid;
    gap: 0.5rem;
  }
  /* Beside the picture, where there is room, so that stick and words stay in sight beneath it. */
  @media (min-width: 901px) {
    .above {
      grid-template-columns: 13rem minmax(0, 1fr) 13rem;
    }
    .picture {
      grid-column: 2;
    }
    .bar {
      flex-direction: column;
      align-items: stretch;
      align-self: end;
    }
  }
  .bar .may {
    padding: 0 0.625rem;
  }
  .picture {
    display: block;
    width: 100%;
    cursor: pointer;
  }
</style>
