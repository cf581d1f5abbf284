/** Says when the last unit files have begun: a processor is about to be free for what comes next. */
export default class TailReporter {
  begun = 0;

  onRunStart({ numTotalTestSuites }) {
    this.total = numTotalTestSuites;
  }
  onTestFileStart() {
    if (++this.begun === this.total) console.error('last unit files');
  }
}
