using RoundCrumb.Core.Ingredients;

using static RoundCrumb.Core.Ingredients.Allergens;

namespace RoundCrumb.Core.Tests.Ingredients;

public sealed class AllergenLexiconTests
{
    /// <summary>A name is another name of an ingredient only where it says nothing that the ingredient does not have.</summary>
    [Fact]
    public void No_name_of_the_pantry_says_an_allergen_that_its_row_does_not_have()
    {
        var wrong = Pantry.All.SelectMany(i => i.OtherNames.Prepend(i.Name).Select(n => (Ingredient: i, Name: n)))
            .Select(x => (x.Ingredient, x.Name, Missing: AllergenLexicon.Of(x.Name) & ~(x.Ingredient.Allergens | x.Ingredient.Unanswered)))
            .Where(x => x.Missing is not None && x.Ingredient.AllergensStated)
            .Select(x => $"{x.Ingredient.Id}: “{x.Name}” says {x.Missing}, the row has {x.Ingredient.Allergens}").ToList();
        Assert.True(wrong.Count == 0, string.Join('\n', wrong));
    }
}
