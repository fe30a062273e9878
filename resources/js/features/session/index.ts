export { sessionKeys, sessionOptions } from './queries';
export { SignInPage } from './SignInPage';
export { SignOutButton } from './SignOutButton';
export { useSession } from './useSession';
