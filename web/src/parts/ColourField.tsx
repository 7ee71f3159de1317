import {
  ColorArea,
  ColorPicker,
  ColorSlider,
  ColorThumb,
  SliderTrack,
  parseColor,
} from 'react-aria-components';
import './colourField.scss';

/** A field of strength and lightness with a strip of hues: point at a colour, or step with arrows. */
export default function ColourField({
  hex,
  onPick,
}: {
  hex: string;
  onPick: (hex: string) => void;
}) {
  return (
    <ColorPicker
      value={parseColor(hex).toFormat('hsb')}
      onChange={(colour) => onPick(colour.toString('hex').toLowerCase())}
    >
      <div className="colour-field">
        <ColorArea
          colorSpace="hsb"
          xChannel="saturation"
          yChannel="brightness"
          className="colour-area"
          aria-label="Strength and brightness"
        >
          <ColorThumb className="colour-thumb" />
        </ColorArea>
        <ColorSlider channel="hue" colorSpace="hsb" className="hue-slider" aria-label="Hue">
          <SliderTrack className="hue-track">
            <ColorThumb className="colour-thumb" />
          </SliderTrack>
        </ColorSlider>
      </div>
    </ColorPicker>
  );
}
