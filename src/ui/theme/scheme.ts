/** Light or dark, where the component library looks for it: on the page's root, kept on the device. */
export const SCHEME_ATTRIBUTE = 'data-mantine-color-scheme';
export const SCHEME_KEY = 'mantine-color-scheme-value';

/** Runs before anything is drawn: what was chosen here, else what the device prefers. */
export const SCHEME_SCRIPT = `try{var s=localStorage.getItem('${SCHEME_KEY}')}catch(e){}
if(s!=='light'&&s!=='dark')s=matchMedia('(prefers-color-scheme: dark)').matches?'dark':'light';
document.documentElement.setAttribute('${SCHEME_ATTRIBUTE}',s)`;
