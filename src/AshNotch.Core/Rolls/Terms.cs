namespace AshNotch.Core.Rolls;

/// <summary>Whose action it is.</summary>
public enum Who
{
    /// <summary>The practitioner.</summary>
    Me,

    /// <summary>The partner.</summary>
    Partner,
}

/// <summary>How an attempt came out, from least to most.</summary>
public enum Outcome
{
    /// <summary>Shown only, to draw a reaction.</summary>
    Threatened,

    /// <summary>Tried and stopped by the other.</summary>
    Stopped,

    /// <summary>Tried and given up by the one who tried.</summary>
    Abandoned,

    /// <summary>Locked or almost there; escaped, or saved by the clock.</summary>
    Near,

    /// <summary>It worked.</summary>
    Landed,

    /// <summary>The other tapped.</summary>
    Tap,
}

/// <summary>On which side of the body.</summary>
public enum BodySide
{
    /// <summary>The left.</summary>
    Left,

    /// <summary>The right.</summary>
    Right,

    /// <summary>The side nearer to the one who acts.</summary>
    Near,

    /// <summary>The side farther from the one who acts.</summary>
    Far,
}

/// <summary>Why an exchange ended.</summary>
public enum ExchangeEnd
{
    /// <summary>Somebody tapped.</summary>
    Tap,

    /// <summary>The round was over.</summary>
    Time,

    /// <summary>Both agreed to start again.</summary>
    Reset,

    /// <summary>The drilled position was lost.</summary>
    PositionLost,

    /// <summary>The edge of the mat, a wall, another pair.</summary>
    Boundary,

    /// <summary>Stopped for safety.</summary>
    Stopped,

    /// <summary>Stopped to talk it over.</summary>
    Talk,
}

/// <summary>What sort of roll.</summary>
public enum RollKind
{
    /// <summary>Free sparring.</summary>
    Free,

    /// <summary>Started from an agreed position.</summary>
    Positional,

    /// <summary>A match with rules.</summary>
    Match,
}

/// <summary>How hard somebody went.</summary>
public enum Intensity
{
    /// <summary>Flowing, or going easy.</summary>
    Light,

    /// <summary>The usual.</summary>
    Steady,

    /// <summary>As in a match.</summary>
    Hard,
}

/// <summary>What sort of session.</summary>
public enum SessionKind
{
    /// <summary>A taught class.</summary>
    Class,

    /// <summary>Open mat.</summary>
    OpenMat,

    /// <summary>A competition.</summary>
    Competition,

    /// <summary>A private lesson.</summary>
    Private,

    /// <summary>A drilling session.</summary>
    Drilling,

    /// <summary>A seminar.</summary>
    Seminar,

    /// <summary>Anything else.</summary>
    Other,
}

/// <summary>With or without the jacket.</summary>
public enum Attire
{
    /// <summary>With the gi.</summary>
    Gi,

    /// <summary>Without.</summary>
    NoGi,
}

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

/// <summary>A partner's size beside mine, where no weight is known.</summary>
public enum RelativeSize
{
    /// <summary>Much lighter.</summary>
    MuchLighter,

    /// <summary>Lighter.</summary>
    Lighter,

    /// <summary>About the same.</summary>
    Similar,

    /// <summary>Heavier.</summary>
    Heavier,

    /// <summary>Much heavier.</summary>
    MuchHeavier,
}

/// <summary>Age divisions of competition.</summary>
public enum AgeDivision
{
    /// <summary>16 and 17.</summary>
    Juvenile,

    /// <summary>18 and older.</summary>
    Adult,

    /// <summary>30 and older.</summary>
    Master1,

    /// <summary>36 and older.</summary>
    Master2,

    /// <summary>41 and older.</summary>
    Master3,

    /// <summary>46 and older.</summary>
    Master4,

    /// <summary>51 and older.</summary>
    Master5,

    /// <summary>56 and older.</summary>
    Master6,

    /// <summary>61 and older.</summary>
    Master7,
}

/// <summary>The unit weights are shown in; they are kept in kilograms.</summary>
public enum WeightUnit
{
    /// <summary>Kilograms.</summary>
    Kg,

    /// <summary>Pounds.</summary>
    Lb,
}

/// <summary>How rested somebody was.</summary>
public enum Energy
{
    /// <summary>Rested.</summary>
    Rested,

    /// <summary>As usual.</summary>
    Usual,

    /// <summary>Tired.</summary>
    Tired,
}

/// <summary>What an account leaves out.</summary>
public enum PartialAccount
{
    /// <summary>The beginning was not kept.</summary>
    StartsLate,

    /// <summary>The end was not kept.</summary>
    CutShort,
}
