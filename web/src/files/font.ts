/** The font that goes into templates: Latin, Greek, Cyrillic, Hebrew, Arabic, Armenian and Georgian letters, shipped with the application. */
export { default } from 'dejavu-fonts-ttf/ttf/DejaVuSans.ttf?url';
