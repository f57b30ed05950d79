using System.Buffers;
using System.Globalization;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Formats.Json;

/// <summary>Turns written values into values of the record and collects what is wrong with them, each with its path.</summary>
public sealed class Checker
{
    private readonly List<Fault> faults = [];
    private static readonly SearchValues<char> Controls = SearchValues.Create([
        .. Enumerable.Range(0, char.MaxValue).Select(c => (char)c).Where(char.IsControl),
    ]);

    private static readonly SearchValues<char> Unwritable = SearchValues.Create("\0");

    /// <summary>
    /// Whether paths are put together. Without them a first look at a log of years is much faster; what it finds at fault is looked at again
    /// with them.
    /// </summary>
    public bool Traces { get; init; } = true;

    /// <summary>The path of an item of a list; empty where none are put together.</summary>
    public string Item(string list, int index) => Traces ? $"{list}[{index}]" : "";

    /// <summary>A path with something after it; empty where none are put together.</summary>
    public string Path(string where, string rest) => Traces ? where + rest : "";

    /// <summary>What was wrong so far.</summary>
    public IReadOnlyList<Fault> Faults => faults;

    /// <summary>Throws when anything was wrong.</summary>
    /// <exception cref="FaultyInputException">With every fault found.</exception>
    public void ThrowIfFaulty()
    {
        if (faults.Count > 0)
            throw new FaultyInputException(faults);
    }

    /// <summary>Adds a fault.</summary>
    public void Fault(string where, string what) => faults.Add(new Fault(where, what));

    // The path is put together only for a fault: a log of years has millions of fields.
    private void Fault(string at, string field, string what) => faults.Add(new Fault(at + field, what));

    /// <summary>A fixed term, or null when absent or wrong.</summary>
    public T? Term<T>(string? written, string at, string field = "")
        where T : struct, Enum
    {
        if (string.IsNullOrWhiteSpace(written))
            return null;
        if (Core.Vocabulary.Term.TryRead<T>(written, out var term))
            return term;
        Fault(at, field, $"'{Short(written)}' is not known here; use one of {string.Join(", ", Core.Vocabulary.Term.All<T>())}.");
        return null;
    }

    /// <summary>A number within limits, or null when absent or wrong.</summary>
    public double? Number(double? written, string at, string field, double least, double most, string unit)
    {
        if (written is null)
            return null;
        if (double.IsFinite(written.Value) && written >= least && written <= most)
            return written;
        Fault(
            at,
            field,
            string.Create(
                CultureInfo.InvariantCulture,
                $"{written} is out of range; give {unit} between {least} and {most}, or leave it out."
            )
        );
        return null;
    }

    /// <summary>Stripes on a belt.</summary>
    public int? Stripes(int? written, string at, string field) => (int?)Number(written, at, field, 0, Limits.MostStripes, "stripes");

    /// <summary>A weight in kilograms.</summary>
    public double? Weight(double? written, string at, string field) =>
        Number(written, at, field, Limits.LightestKg, Limits.HeaviestKg, "kilograms");

    /// <summary>A day, or null when absent or wrong.</summary>
    public DateOnly? Day(string? written, string at, string field)
    {
        if (string.IsNullOrWhiteSpace(written))
            return null;
        if (!DateOnly.TryParseExact(written, "yyyy-MM-dd", CultureInfo.InvariantCulture, DateTimeStyles.None, out var day))
        {
            Fault(at, field, $"'{Short(written)}' is not a day; write it as 2026-03-02.");
            return null;
        }
        if (day >= Limits.FirstDay && day <= Limits.LastDay)
            return day;
        Fault(at, field, $"{written} is not in this century or the last half of the one before; check the year.");
        return null;
    }

    /// <summary>A clock time, or null when absent or wrong.</summary>
    public TimeOnly? Clock(string? written, string at, string field)
    {
        if (string.IsNullOrWhiteSpace(written))
            return null;
        if (TimeOnly.TryParseExact(written, "HH:mm", CultureInfo.InvariantCulture, DateTimeStyles.None, out var time))
            return time;
        Fault(at, field, $"'{Short(written)}' is not a time of day; write it as 18:30.");
        return null;
    }

    /// <summary>A time of a roll, or null when absent or wrong.</summary>
    public RollTime? Time(string? written, string at, string field)
    {
        if (string.IsNullOrWhiteSpace(written))
            return null;
        if (RollTime.TryRead(written, out var time))
            return time;
        Fault(at, field, $"'{Short(written)}' is not minutes and seconds; write it as 2:05.");
        return null;
    }

    /// <summary>The id of a place, or null when absent or wrong.</summary>
    public PlaceId? Place(string? written, string at, string field) => PlaceId.Of(Name(written, at, field));

    /// <summary>The id of a move, or null when absent or wrong.</summary>
    public MoveId? Move(string? written, string at, string field) => MoveId.Of(Name(written, at, field));

    /// <summary>A text no longer than it may be; null when absent or empty.</summary>
    public string? Text(string? written, string at, string field = "", int longest = Limits.LongestText)
    {
        if (string.IsNullOrEmpty(written))
            return null;
        if (written.Length <= longest)
        {
            if (!written.AsSpan().ContainsAny(Unwritable) && IsWhole(written))
                return written;
            Fault(at, field, "has characters that cannot be written down (a NUL, or half of a pair); take them out.");
            return null;
        }
        Fault(
            at,
            field,
            string.Create(CultureInfo.InvariantCulture, $"{written.Length} characters are too many; at most {longest} fit here.")
        );
        return null;
    }

    /// <summary>A name or id: short, one line; null when absent or empty.</summary>
    public string? Name(string? written, string at, string field = "")
    {
        var name = Text(written?.Trim(), at, field, Limits.LongestName);
        if (name is null)
            return null;
        if (!name.AsSpan().ContainsAny(Controls))
            return name;
        Fault(at, field, "has line breaks or control characters; keep it on one line.");
        return null;
    }

    /// <summary>A name of somebody or something as people see it; null when absent or empty, or nothing of it can be seen.</summary>
    public string? Seen(string? written, string at, string field = "")
    {
        if (Name(written, at, field) is not { } name)
            return null;
        var seen = PersonName.Clean(name);
        if (seen.Length > 0)
            return seen;
        Fault(at, field, "holds nothing that can be seen; write a name.");
        return null;
    }

    /// <summary>An id that may stand in an address; null when absent or empty. One or two dots mean directories there.</summary>
    public string? Identifier(string? written, string at, string field = "")
    {
        if (Name(written, at, field) is not { } id)
            return null;
        if (id is not ("." or ".."))
            return id;
        Fault(at, field, "is nothing but dots, which addresses do not hold; choose another id.");
        return null;
    }

    /// <summary>An id as it stands in an address: as it is, it must be one that a file may hold, too.</summary>
    public void Id(string id, string at)
    {
        if (Identifier(id, at) is { } name ? name != id : faults.Count == 0)
            Fault(at, "is empty or has spaces at its ends; write it without.");
    }

    /// <summary>A list of names as people see them, the empty ones left out.</summary>
    public IReadOnlyList<string> AllSeen(List<string>? written, string at, string field) =>
        [.. Names(written, at, field).Select(PersonName.Clean).Where(n => n.Length > 0)];

    /// <summary>A list of short texts, the empty ones left out.</summary>
    public IReadOnlyList<string> Names(List<string>? written, string at, string field)
    {
        if (written is null or [])
            return [];
        var names = new List<string>(written.Count);
        for (var i = 0; i < written.Count; i++)
            if (Name(written[i], at, Item(field, i)) is { } name)
                names.Add(name);
        return names;
    }

    // A surrogate that stands alone becomes another character when it is written as UTF-8.
    private static bool IsWhole(string text)
    {
        for (var i = text.AsSpan().IndexOfAnyInRange('\uD800', '\uDFFF'); i >= 0 && i < text.Length; i++)
        {
            if (!char.IsSurrogate(text[i]))
                continue;
            if (i + 1 == text.Length || !char.IsSurrogatePair(text[i], text[i + 1]))
                return false;
            i++;
        }
        return true;
    }

    private static string Short(string text) => text.Length <= 40 ? text : text[..40] + "…";
}
