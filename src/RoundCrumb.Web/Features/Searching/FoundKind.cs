namespace RoundCrumb.Web.Features.Searching;

/// <summary>What a search can find, in the order in which it is shown.</summary>
public enum FoundKind
{
    /// <summary>Something to do.</summary>
    Action,

    /// <summary>A whole pie that is saved.</summary>
    Pie,

    /// <summary>A crust, filling or topping.</summary>
    Part,

    /// <summary>A bake day.</summary>
    Day,

    /// <summary>Something in the pantry.</summary>
    Ingredient,

    /// <summary>A pan.</summary>
    Pan,

    /// <summary>A screen.</summary>
    Page,

    /// <summary>A technique of the craft guide.</summary>
    Technique,

    /// <summary>Something that goes wrong.</summary>
    Fault,

    /// <summary>A bake that was made.</summary>
    Bake,
}

/// <summary>What is known of each kind.</summary>
public static class FoundKinds
{
    extension(FoundKind kind)
    {
        /// <summary>What one of it is called.</summary>
        public string Name => kind switch
        {
            FoundKind.Action => "Do",
            FoundKind.Pie => "Pie",
            FoundKind.Part => "Part",
            FoundKind.Day => "Day",
            FoundKind.Ingredient => "Ingredient",
            FoundKind.Pan => "Pan",
            FoundKind.Page => "Page",
            FoundKind.Technique => "Guide",
            FoundKind.Fault => "Fault",
            FoundKind.Bake => "Bake",
        };

        /// <summary>What several of it are called, as a heading.</summary>
        public string Many => kind switch
        {
            FoundKind.Action => "Things to do",
            FoundKind.Pie => "Pies",
            FoundKind.Part => "Crusts, fillings, toppings",
            FoundKind.Day => "Bake days",
            FoundKind.Ingredient => "Ingredients",
            FoundKind.Pan => "Pans",
            FoundKind.Page => "Pages",
            FoundKind.Technique => "In the craft guide",
            FoundKind.Fault => "Faults",
            FoundKind.Bake => "Bakes",
        };
    }
}

/// <summary>Something that was found.</summary>
/// <param name="Kind">What it is.</param>
/// <param name="Name">What it is called.</param>
/// <param name="Address">Where it opens.</param>
/// <param name="What">What else is known of it, in a few words; empty where nothing is.</param>
public sealed record Found(FoundKind Kind, string Name, string Address, string What = "");
