<!-- A day, written as 2026-03-02 or picked from the month. What is written and is no day is handed on as it is: the program says what is wrong. -->
<script lang="ts">
  import { parseDate, type DateValue } from '@internationalized/date';
  import { DatePicker, Portal } from '@skeletonlabs/skeleton-svelte';

  let {
    label,
    value,
    invalid = false,
    onchange,
  }: { label: string; value: string; invalid?: boolean; onchange: (day: string) => void } = $props();

  function read(written: string): DateValue | undefined {
    try {
      return parseDate(written.trim());
    } catch {
      return undefined;
    }
  }

  const day = $derived(read(value));
</script>

<DatePicker
  value={day ? [day] : []}
  onValueChange={({ value: [next] }) => next && onchange(next.toString())}
  format={(date) => date.toString()}
  parse={read}
  locale="en-CA"
  startOfWeek={1}
  {invalid}
  class="min-w-0 gap-1!"
>
  <DatePicker.Label>{label}</DatePicker.Label>
  <DatePicker.Control>
    <DatePicker.Input
      class="min-h-[44px] pe-8!"
      placeholder="2026-03-02"
      aria-invalid={invalid}
      oninput={(event: Event) => {
        // A whole day counts at once: what it brings about should not move the button that is pressed next.
        const written = (event.currentTarget as HTMLInputElement).value;
        if (written.trim().length === 10 && read(written) && written !== value) onchange(written.trim());
      }}
      onchange={(event: Event) => {
        const written = (event.currentTarget as HTMLInputElement).value;
        if (written !== value) onchange(written);
      }}
    />
    <DatePicker.Trigger aria-label="Pick the day"
      ><svg viewBox="0 0 10 6" width="10" height="6" aria-hidden="true"
        ><path d="M0 0h10L5 6z" fill="currentColor" /></svg
      ></DatePicker.Trigger
    >
  </DatePicker.Control>
  <Portal>
    <DatePicker.Positioner class="z-40!">
      <DatePicker.Content>
        <DatePicker.View view="day">
          <DatePicker.Context>
            {#snippet children(picker)}
              <DatePicker.ViewControl>
                <DatePicker.PrevTrigger aria-label="The month before" class="min-h-[40px] min-w-[40px]"
                  >‹</DatePicker.PrevTrigger
                >
                <span class="self-center font-semibold">{picker().visibleRangeText.start}</span>
                <DatePicker.NextTrigger aria-label="The month after" class="min-h-[40px] min-w-[40px]"
                  >›</DatePicker.NextTrigger
                >
              </DatePicker.ViewControl>
              <DatePicker.Table class="border-spacing-0!">
                <DatePicker.TableHead>
                  <DatePicker.TableRow>
                    {#each picker().weekDays as weekDay, i (i)}
                      <DatePicker.TableHeader>{weekDay.short}</DatePicker.TableHeader>
                    {/each}
                  </DatePicker.TableRow>
                </DatePicker.TableHead>
                <DatePicker.TableBody>
                  {#each picker().weeks as week, w (w)}
                    <DatePicker.TableRow>
                      {#each week as one (one.toString())}
                        <DatePicker.TableCell value={one} class="size-10!">
                          <DatePicker.TableCellTrigger>{one.day}</DatePicker.TableCellTrigger>
                        </DatePicker.TableCell>
                      {/each}
                    </DatePicker.TableRow>
                  {/each}
                </DatePicker.TableBody>
              </DatePicker.Table>
            {/snippet}
          </DatePicker.Context>
        </DatePicker.View>
      </DatePicker.Content>
    </DatePicker.Positioner>
  </Portal>
</DatePicker>
