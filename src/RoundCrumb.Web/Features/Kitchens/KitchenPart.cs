namespace RoundCrumb.Web.Features.Kitchens;

/// <summary>A part of the kitchen; one is open at a time.</summary>
public enum KitchenPart
{
    /// <summary>The rack.</summary>
    Pans,

    /// <summary>Ovens.</summary>
    Ovens,

    /// <summary>Fridges and freezers.</summary>
    Cold,

    /// <summary>Who works, and when.</summary>
    Bakers,

    /// <summary>Hob and machines.</summary>
    Machines,

    /// <summary>How warm it is, and what time.</summary>
    Room,

    /// <summary>How this house does what bakers differ on.</summary>
    Ways,
}

/// <summary>What is known of each part.</summary>
public static class KitchenParts
{
    extension(KitchenPart part)
    {
        /// <summary>What it is called.</summary>
        public string Title => part switch
        {
            KitchenPart.Pans => "Pans",
            KitchenPart.Ovens => "Ovens",
            KitchenPart.Cold => "Cold places",
            KitchenPart.Bakers => "Bakers",
            KitchenPart.Machines => "Hob and machines",
            KitchenPart.Room => "Room and clock",
            KitchenPart.Ways => "How this house does it",
        };

        /// <summary>Where it is jumped to.</summary>
        public string Anchor => part switch
        {
            KitchenPart.Pans => "pans",
            KitchenPart.Ovens => "equipment",
            KitchenPart.Cold => "cold-h",
            KitchenPart.Bakers => "bakers",
            KitchenPart.Machines => "tools",
            KitchenPart.Room => "the-room",
            KitchenPart.Ways => "schools",
        };

        /// <summary>The part that a form belongs to, by how its name begins; the pans where none does.</summary>
        /// <param name="form">As the form was sent.</param>
        internal bool Sends(string form) => part switch
        {
            KitchenPart.Pans => false,
            KitchenPart.Ovens => form.StartsWith("oven", StringComparison.Ordinal),
            KitchenPart.Cold => form.StartsWith("cold", StringComparison.Ordinal),
            KitchenPart.Bakers => form.StartsWith("baker", StringComparison.Ordinal),
            KitchenPart.Machines => form == "tools",
            KitchenPart.Room => form is "room" or "zone",
            KitchenPart.Ways => form == "schools",
        };
    }
}
