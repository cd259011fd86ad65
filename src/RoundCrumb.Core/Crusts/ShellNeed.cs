namespace RoundCrumb.Core.Crusts;

/// <summary>How far a shell is baked before its filling goes in.</summary>
public enum ShellBake
{
    /// <summary>Right through: the filling is not baked, or not long enough to bake a base.</summary>
    Full,

    /// <summary>Set and dry, still pale: it bakes on with its filling.</summary>
    Part,
}

/// <summary>What a kind of filling wants of its shell.</summary>
/// <param name="Id">Stable short name; the filling family's own where there is one.</param>
/// <param name="Name">What a baker calls the filling.</param>
/// <param name="Bake">How far the shell is baked.</param>
/// <param name="Wet">True when it brings water that a base can drink.</param>
/// <param name="Why">Why so.</param>
/// <param name="Bakes">What the shell is baked on for with its filling; empty where it is not.</param>
public sealed record ShellNeed(string Id, string Name, ShellBake Bake, bool Wet, string Why, string Bakes = "")
{
    /// <summary>Every kind of filling, in the order of the craft.</summary>
    public static IReadOnlyList<ShellNeed> All { get; } =
    [
        new("starch-custard", "Stovetop starch custard (cream pie)", ShellBake.Full, true, "It goes in cooked and only sets: the shell gets no more heat."),
        new("starch-light", "Starch custard lightened with cream", ShellBake.Full, true, "It goes in cold."),
        new("baked-custard", "Baked custard, soured cream or reduced juice", ShellBake.Part, true, "It bakes gently and long; a pale shell bakes on under it, a brown one would burn at the rim.", "till the edges are set and the middle trembles"),
        new("curd", "Citrus curd, poured", ShellBake.Full, true, "It goes in warm and sets cold."),
        new("baked-citrus", "Citrus, baked", ShellBake.Part, true, "It goes onto a hot shell, which seals at once, and bakes on.", "till nothing wobbles"),
        new("acid-milk", "Condensed milk and citrus", ShellBake.Full, true, "Ten minutes in the oven set the filling and do nothing for a base.", "10–18 min, or chilled"),
        new("cheese-gelatine", "Cream cheese with gelatine", ShellBake.Full, false, "It goes in cold and stiff."),
        new("cheese", "Cream cheese without gelatine", ShellBake.Full, false, "It goes in cold and stiff."),
        new("chiffon", "Chiffon or whipped jelly", ShellBake.Full, true, "It goes in as it begins to mound."),
        new("ganache", "Chocolate ganache", ShellBake.Full, false, "Set cold, or baked for a quarter of an hour: either way the base must be done."),
        new("almond", "Almond paste (frangipane)", ShellBake.Full, false, "It shields the base from the oven: what is pale under it stays pale.", "30–45 min at 175 °C, low in the oven"),
        new("fresh-curd", "Fresh curd", ShellBake.Part, true, "It bakes half an hour at a steady heat.", "25–35 min at 175–180 °C"),
        new("nut-syrup", "Nut and syrup", ShellBake.Part, false, "Half an hour under syrup browns the base further.", "30–40 min at 175–180 °C"),
        new("fruit-crumble", "Juicy fruit under crumble", ShellBake.Part, true, "It bakes three quarters of an hour.", "40–50 min at 190 °C, shielded after 25"),
        new("caramel", "Caramel layered with fruit", ShellBake.Full, false, "Nothing is baked after it."),
    ];

    /// <summary>The need of a kind of filling; that of a cream pie where it is not known.</summary>
    public static ShellNeed Of(string id) => Find(id) ?? All[0];

    /// <summary>The kind with this id, or none.</summary>
    public static ShellNeed? Find(string id) => All.FirstOrDefault(n => n.Id == id);
}
