/** A clock for a page that may be hidden: browsers slow a hidden page's own timers down to one a minute, and a worker's not. */
self.onmessage = ({ data }: MessageEvent<number>) => {
  setInterval(() => self.postMessage(null), data);
};
