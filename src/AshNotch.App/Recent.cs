namespace AshNotch.App;

/// <summary>
/// What was worked out lately, by what was asked: made once however many ask at once, and what was not asked for longest goes first.
/// </summary>
/// <param name="most">How many are kept.</param>
public sealed class Recent<TKey, TValue>(int most)
    where TKey : notnull
{
    private readonly Lock gate = new();
    private readonly Dictionary<TKey, LinkedListNode<(TKey Key, Lazy<TValue> Value)>> kept = [];
    private readonly LinkedList<(TKey Key, Lazy<TValue> Value)> order = [];

    /// <summary>What is kept, or is made now. What failed is not kept.</summary>
    public TValue Of(TKey key, Func<TValue> make)
    {
        Lazy<TValue> value;
        lock (gate)
        {
            if (kept.TryGetValue(key, out var known))
                order.Remove(known);
            else
            {
                known = new((key, new Lazy<TValue>(make)));
                kept[key] = known;
                if (kept.Count > most)
                {
                    kept.Remove(order.Last!.Value.Key);
                    order.RemoveLast();
                }
            }
            order.AddFirst(known);
            value = known.Value.Value;
        }
        try
        {
            return value.Value;
        }
        catch
        {
            lock (gate)
            {
                if (kept.TryGetValue(key, out var failed) && failed.Value.Value == value)
                {
                    kept.Remove(key);
                    order.Remove(failed);
                }
            }
            throw;
        }
    }

    /// <summary>What is kept and made already; nothing is made, and nobody is waited for.</summary>
    public TValue? Known(TKey key)
    {
        lock (gate)
            return kept.TryGetValue(key, out var known) && known.Value.Value.IsValueCreated ? known.Value.Value.Value : default;
    }
}
