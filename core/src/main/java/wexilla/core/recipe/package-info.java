/**
 * Recipe lines and steps as people type them, and recipes with their stops and hold-backs.
 * Reads text into amounts, foods and preparations and names what it did not understand.
 * Knows foods, not what is on hand or what things cost.
 */
@NullMarked
package wexilla.core.recipe;

import org.jspecify.annotations.NullMarked;
