/** The faces that ship with the application. Latin Extended carries the tone marks of pinyin. */
import '@fontsource/alegreya/latin-400.css';
import '@fontsource/alegreya/latin-600.css';
import '@fontsource/alegreya/latin-ext-400.css';
import '@fontsource/source-sans-3/latin-400.css';
import '@fontsource/source-sans-3/latin-600.css';
import '@fontsource/source-sans-3/latin-ext-400.css';
import '@fontsource/lxgw-wenkai-tc/400.css';
