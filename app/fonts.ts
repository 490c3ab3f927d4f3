import '@fontsource-variable/commissioner';
import '@fontsource-variable/petrona';
