/**
 * The open format of whole rigs: an archive with the scene's XML, profiles and models. Begin with {@link MvrFile}; {@link SceneUnits} makes
 * units of the scene, {@link SceneEditing} writes what became of them into it and leaves everything else as it stood, {@link FreshScene}
 * makes the scene of a rig that came from no file. Source: MVR, {@code GeneralSceneDescription.xml}.
 */
@NullMarked
package yellowkite.core.mvr;

import org.jspecify.annotations.NullMarked;
