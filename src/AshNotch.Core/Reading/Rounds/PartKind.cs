namespace AshNotch.Core.Reading.Rounds;

/// <summary>In what part somebody is named.</summary>
internal enum PartKind
{
    /// <summary>A roll with them is said not to have been.</summary>
    NotHad,

    /// <summary>Compared, talking or looking on.</summary>
    Beside,

    /// <summary>Somewhere in what happens.</summary>
    Named,

    /// <summary>At the head, as the one who acts or whom it is with.</summary>
    Lead,

    /// <summary>The words say that a roll with them begins.</summary>
    Met,

    /// <summary>The words close a roll with whom it was with.</summary>
    Closing,

    /// <summary>In brackets that close a line.</summary>
    Bracketed,
}
