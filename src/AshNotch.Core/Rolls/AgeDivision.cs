namespace AshNotch.Core.Rolls;

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
