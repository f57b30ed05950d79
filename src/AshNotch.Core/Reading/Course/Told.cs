using System.Collections;
using System.Runtime.CompilerServices;

namespace AshNotch.Core.Reading.Course;

/// <summary>
/// A list that many courses share: adding at its end costs one link, and what is looked at lies near the end. It is never changed.
/// </summary>
/// <typeparam name="T">What it lists.</typeparam>
[CollectionBuilder(typeof(Told), nameof(Told.Of))]
internal sealed class Told<T> : IReadOnlyList<T>
{
    private readonly T last;
    private readonly Told<T>? before;

    private Told(Told<T>? before, T last)
    {
        (this.before, this.last) = (before, last);
        Count = before is null ? 0 : before.Count + 1;
    }

    /// <summary>Nothing yet.</summary>
    public static Told<T> Nothing { get; } = new(null, default!);

    /// <inheritdoc/>
    public int Count { get; }

    /// <summary>One of them, the oldest at 0. What lies near the end is found soon.</summary>
    /// <exception cref="ArgumentOutOfRangeException">There is none so far.</exception>
    public T this[int index] => At(index).last;

    /// <summary>With one more at the end.</summary>
    public Told<T> Add(T next) => new(this, next);

    /// <summary>Without the last.</summary>
    public Told<T> WithoutLast() => At(Count - 1).before!;

    /// <summary>With one put for another.</summary>
    public Told<T> With(int index, T put)
    {
        var at = At(index);
        var changed = new Told<T>(at.before, put);
        for (var i = index + 1; i < Count; i++)
            changed = changed.Add(this[i]);
        return changed;
    }

    /// <inheritdoc/>
    public IEnumerator<T> GetEnumerator()
    {
        var all = new T[Count];
        for (var at = this; at.Count > 0; at = at.before!)
            all[at.Count - 1] = at.last;
        return ((IEnumerable<T>)all).GetEnumerator();
    }

    IEnumerator IEnumerable.GetEnumerator() => GetEnumerator();

    private Told<T> At(int index)
    {
        ArgumentOutOfRangeException.ThrowIfNegative(index);
        ArgumentOutOfRangeException.ThrowIfGreaterThanOrEqual(index, Count);
        var at = this;
        while (at.Count > index + 1)
            at = at.before!;
        return at;
    }
}

/// <summary>Makes such lists.</summary>
internal static class Told
{
    /// <summary>A list of these.</summary>
    public static Told<T> Of<T>(ReadOnlySpan<T> items)
    {
        var all = Told<T>.Nothing;
        foreach (var item in items)
            all = all.Add(item);
        return all;
    }
}
