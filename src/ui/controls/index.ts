export { Button, buttonClass, type ButtonLook } from './Button';
export { CheckField, SelectField } from './Fields';
export { default as controlClasses } from './controls.module.css';
