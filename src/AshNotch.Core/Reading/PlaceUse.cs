namespace AshNotch.Core.Reading;

/// <summary>How a place is meant in a clause.</summary>
internal enum PlaceUse
{
    /// <summary>The walk starts there or is there: from, in.</summary>
    At,

    /// <summary>The walk goes there.</summary>
    To,
}
