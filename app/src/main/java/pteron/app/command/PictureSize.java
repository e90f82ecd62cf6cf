package pteron.app.command;

/**
 * Size of a picture (pixels). Immutable.
 *
 * @param width width, 400 to 4000
 * @param height height, 300 to 4000
 */
record PictureSize(int width, int height) {

    /** {@return the size written as 1280x800} */
    static PictureSize parse(String text) {
        String[] parts = text.split("[x×]", -1);
        try {
            if (parts.length != 2) {
                throw new NumberFormatException(text);
            }
            int width = Integer.parseInt(parts[0].strip());
            int height = Integer.parseInt(parts[1].strip());
            if (width >= 400 && width <= 4000 && height >= 300 && height <= 4000) {
                return new PictureSize(width, height);
            }
        } catch (NumberFormatException e) {
            // told below, with the same sentence as a size out of range
        }
        throw new IllegalArgumentException(
                "--size %s: enter 400x300 to 4000x4000, like 1280x800".formatted(text));
    }
}
