export { ProposeChange } from './ProposeChange';
export { proposalKeys, proposalsOptions } from './queries';
