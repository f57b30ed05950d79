using AshNotch.Core.Reading;

namespace AshNotch.App.Views;

/// <summary>Lines that the board's own buttons write.</summary>
/// <param name="TheyTapped">The partner tapped.</param>
/// <param name="ITapped">The practitioner tapped.</param>
/// <param name="Reset">Both start again.</param>
/// <param name="Held">The place reached was held.</param>
/// <param name="NotHeld">It was not.</param>
/// <param name="Time">The round is over.</param>
public sealed record BoardLines(string TheyTapped, string ITapped, string Reset, string Held, string NotHeld, string Time)
{
    /// <summary>The lines.</summary>
    public static BoardLines All { get; } =
        new(PlainEvents.TheyTapped, PlainEvents.ITapped, PlainEvents.Reset, PlainEvents.Held, PlainEvents.NotHeld, PlainEvents.Time);
}
