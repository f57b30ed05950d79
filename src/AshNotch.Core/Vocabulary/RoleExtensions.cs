namespace AshNotch.Core.Vocabulary;

/// <summary>What can be asked of a role.</summary>
public static class RoleExtensions
{
    /// <summary>The role the partner has at the same moment.</summary>
    public static Role Opposite(this Role role) =>
        role switch
        {
            Role.Top => Role.Bottom,
            Role.Bottom => Role.Top,
            Role.Attacking => Role.Defending,
            Role.Defending => Role.Attacking,
            _ => Role.Neutral,
        };
}
