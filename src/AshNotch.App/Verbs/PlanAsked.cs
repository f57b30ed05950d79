using AshNotch.Core.Chain;

namespace AshNotch.App.Verbs;

/// <summary>What <c>plan</c> is asked for.</summary>
/// <param name="Weeks">How many weeks.</param>
/// <param name="Start">The first day.</param>
/// <param name="Days">On which days of the week; null for those of the file, or three.</param>
/// <param name="Minutes">How many minutes each; null for those of the file, or twenty.</param>
/// <param name="Aim">What the practitioner wants of a roll.</param>
internal sealed record PlanAsked(int Weeks, DateOnly Start, IReadOnlyList<DayOfWeek>? Days, int? Minutes, Aim Aim);
