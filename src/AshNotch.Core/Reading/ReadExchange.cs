using AshNotch.Core.Rolls;

namespace AshNotch.Core.Reading;

/// <summary>One exchange as read, with the words it spans.</summary>
/// <param name="Start">First character.</param>
/// <param name="End">One past the last character.</param>
/// <param name="Exchange">The exchange.</param>
public sealed record ReadExchange(int Start, int End, Exchange Exchange)
{
    /// <summary>Why each notch was read so, in words.</summary>
    public IReadOnlyList<IReadOnlyList<string>> Why { get; init; } = [];

    /// <summary>What else each notch may have been, the likelier first.</summary>
    public IReadOnlyList<IReadOnlyList<Notch>> Others { get; init; } = [];
}
