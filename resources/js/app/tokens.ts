import styles from '../../css/tokens.css?raw';

/** A token of the styles by its name, as it is written there. */
export function token(name: string): string {
    const value = new RegExp(`--${name}: ([^;]+);`).exec(styles)?.[1];
    if (value === undefined) {
        throw new Error(`resources/css/tokens.css has no token "${name}".`);
    }
    return value;
}
