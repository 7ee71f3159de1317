// How parts look is not tried in Jest.
module.exports = {};
