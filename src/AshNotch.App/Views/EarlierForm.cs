namespace AshNotch.App.Views;

/// <summary>An earlier form of a roll.</summary>
/// <param name="Number">Which, from 0 for the oldest.</param>
/// <param name="At">When it was changed into another, UTC.</param>
/// <param name="Change">What ended it: edited, deleted, restored or imported.</param>
/// <param name="Row">Its row, with the picture.</param>
public sealed record EarlierForm(int Number, DateTimeOffset At, string Change, RollRow Row);
