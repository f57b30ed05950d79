namespace AshNotch.Core.Reading;

/// <summary>Invented tellings to learn from, which the reader reads to the end.</summary>
public static class Examples
{
    /// <summary>One roll, as one would tell a friend.</summary>
    public const string Roll =
        "Started standing. I pulled guard to de la riva. He knee cut to side control. I escaped to half guard. "
        + "He knee cut again and took mount. He finished an americana.";

    /// <summary>One roll as a phone's dictation writes it down: without stops or capitals.</summary>
    public const string Dictated =
        "ok so first one he pulls guard and i am in his closed guard i stood up and opened it and started with the knee cut "
        + "he got the underhook and came up so i ended up on the bottom in half guard i got my knee shield in he kept smashing "
        + "and passed to side control because i was late then he went for the kimura it was tight but i got out and back to half guard "
        + "and that was the bell next time i need to get the underhook first";
}
