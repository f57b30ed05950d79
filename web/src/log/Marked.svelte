<!-- A text with the names in it underlined by owner. Marks may be of an earlier form of it: they hold as far as the two are the same. -->
<script lang="ts">
  import type { Schemas } from '../api/client';

  let {
    text,
    marked,
    mentions,
    unread,
  }: {
    text: string;
    /** The text the marks were made for. */
    marked: string;
    mentions: Schemas['Mention'][];
    unread: Schemas['Unread'][];
  } = $props();

  const same = $derived.by(() => {
    let at = 0;
    while (at < text.length && text[at] === marked[at]) at++;
    return at;
  });

  const marks = $derived(
    [
      ...mentions.map((m) => ({
        start: m.start,
        end: m.end,
        kind: m.by === 'me' ? 'mine' : m.by === 'partner' ? 'theirs' : 'named',
      })),
      ...unread.map((u) => ({
        start: u.start,
        end: u.end,
        kind: u.looksLikeEvent ? 'unread missed' : 'unread',
      })),
    ].sort((a, b) => a.start - b.start),
  );
  const pieces = $derived.by(() => {
    const out: { text: string; kind: string }[] = [];
    let at = 0;
    for (const mark of marks) {
      if (mark.start < at || mark.end > same) continue;
      out.push(
        { text: text.slice(at, mark.start), kind: '' },
        { text: text.slice(mark.start, mark.end), kind: mark.kind },
      );
      at = mark.end;
    }
    out.push({ text: text.slice(at), kind: '' });
    return out.filter((p) => p.text);
  });
</script>

<p class="marked">
  {#each pieces as piece, i (i)}<span class={piece.kind}>{piece.text}</span>{/each}
</p>

<style>
  .marked {
    white-space: pre-wrap;
    overflow-wrap: anywhere;
  }
  .mine {
    border-bottom: 2.5px solid var(--color-mine);
    color: inherit;
  }
  .theirs {
    border-bottom: 2.5px double var(--color-theirs);
    color: inherit;
  }
  .named {
    border-bottom: 2px solid var(--color-edge);
  }
  .unread {
    color: var(--color-quiet);
    text-decoration: underline wavy var(--color-edge) 1px;
    text-underline-offset: 4px;
  }
  .unread.missed {
    text-decoration-thickness: 2px;
    text-decoration-color: var(--color-ink);
  }
</style>
