namespace AshNotch.Core.Reading.Taps;

/// <summary>What words say of taps without counting them.</summary>
internal enum TapHintKind
{
    /// <summary>There was one at the least: "had me tapping".</summary>
    Least,

    /// <summary>Whose the roll was; a submission that is named finished it: "lost".</summary>
    Won,

    /// <summary>One more, as the one before: "did it again".</summary>
    More,
}
