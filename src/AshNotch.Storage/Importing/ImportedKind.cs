namespace AshNotch.Storage.Importing;

/// <summary>What an import changes, in the order in which it is taken back: a partner or session goes only when no roll is left with it.</summary>
internal enum ImportedKind
{
    Roll,
    Partner,
    Session,
    Name,
    Focus,
    Week,
    Block,
    Drilled,
    Rating,
    MatchDay,
    Ruleset,
    Fear,
    Practitioner,
}
