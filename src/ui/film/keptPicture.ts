/** A picture that is drawn once and kept until what it shows is another: what stands still is not drawn each frame. */
export class KeptPicture {
  private canvas: HTMLCanvasElement | null = null;
  private key = '';

  /**
   * @param key what it shows
   * @param dots to a px
   * @returns null where the browser refuses a canvas
   */
  of(
    key: string,
    { width, height }: { readonly width: number; readonly height: number },
    dots: number,
    paint: (context: CanvasRenderingContext2D) => void,
  ): HTMLCanvasElement | null {
    const [wide, high] = [Math.ceil(width * dots), Math.ceil(height * dots)];
    const whole = `${wide} ${high} ${key}`;
    if (this.canvas && this.key === whole) return this.canvas;
    this.canvas ??= document.createElement('canvas');
    // A new size empties it; the same one does not.
    if (this.canvas.width !== wide || this.canvas.height !== high)
      [this.canvas.width, this.canvas.height] = [wide, high];
    const context = this.canvas.getContext('2d');
    if (!context) return null;
    context.setTransform(dots, 0, 0, dots, 0, 0);
    context.clearRect(0, 0, width, height);
    paint(context);
    this.key = whole;
    return this.canvas;
  }
}
