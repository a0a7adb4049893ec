/**
 * What is cooked in: how full a vessel may be, how many loads something takes, which size is the next that fits. Sizes,
 * limits and their sources come in from the reference file. It knows no recipe: what goes in comes as volumes.
 */
@org.jspecify.annotations.NullMarked
package wexilla.core.equipment;
