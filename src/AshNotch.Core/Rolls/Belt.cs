namespace AshNotch.Core.Rolls;

/// <summary>Belts, youth belts included, in their order.</summary>
public enum Belt
{
    /// <summary>White.</summary>
    White,

    /// <summary>Grey (youth).</summary>
    Grey,

    /// <summary>Yellow (youth).</summary>
    Yellow,

    /// <summary>Orange (youth).</summary>
    Orange,

    /// <summary>Green (youth).</summary>
    Green,

    /// <summary>Blue.</summary>
    Blue,

    /// <summary>Purple.</summary>
    Purple,

    /// <summary>Brown.</summary>
    Brown,

    /// <summary>Black.</summary>
    Black,

    /// <summary>Coral.</summary>
    Coral,

    /// <summary>Red.</summary>
    Red,
}
