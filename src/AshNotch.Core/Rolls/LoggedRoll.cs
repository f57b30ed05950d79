namespace AshNotch.Core.Rolls;

/// <summary>A roll with the session it was part of.</summary>
/// <param name="Session">The session.</param>
/// <param name="Roll">The roll.</param>
/// <param name="Order">Its place among the rolls of the session that are asked for, from 0.</param>
public sealed record LoggedRoll(Session Session, Roll Roll, int Order);
