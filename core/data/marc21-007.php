<?php

// The coded positions of 007, by category: each position from, length, name, values by code. Where a position has more than one character, codes of
// one character stand for each of them, and codes of its whole length for all. An empty list means that anything may stand there.
// Source: MARC 21 Format for Bibliographic Data, 007.

$fill = ['|' => 'No attempt to code'];
$other = ['u' => 'Unknown', 'z' => 'Other'] + $fill;
$othersOrNone = ['n' => 'Not applicable'] + $other;
$unspecified = ['u' => 'Unspecified', 'z' => 'Other'] + $fill;
$mapColour = ['a' => 'One colour', 'c' => 'Multicoloured'] + $fill;
$colour = ['b' => 'Black-and-white', 'c' => 'Multicoloured', 'm' => 'Mixed'];
$reproduction = ['f' => 'Facsimile', 'n' => 'Not applicable', 'u' => 'Unknown', 'z' => 'Other'] + $fill;
$polarity = ['a' => 'Positive', 'b' => 'Negative', 'm' => 'Mixed polarity'];
$globeMedium = ['a' => 'Paper', 'b' => 'Wood', 'c' => 'Stone', 'd' => 'Metal', 'e' => 'Synthetic', 'f' => 'Skin', 'g' => 'Textile', 'i' => 'Plastic', 'l' => 'Vinyl', 'n' => 'Vellum', 'p' => 'Plaster', 'v' => 'Leather', 'w' => 'Parchment'];
$mapMedium = ['j' => 'Glass', 'q' => 'Flexible base photographic, positive', 'r' => 'Flexible base photographic, negative', 's' => 'Non-flexible base photographic, positive', 't' => 'Non-flexible base photographic, negative', 'y' => 'Other photographic medium'];
$soundWhere = [' ' => 'No sound (silent)', 'a' => 'Sound on medium', 'b' => 'Sound separate from medium', 'u' => 'Unknown'] + $fill;
$soundMedium = [' ' => 'No sound (silent)', 'a' => 'Optical sound track on motion picture film', 'b' => 'Magnetic sound track on motion picture film', 'c' => 'Magnetic audio tape in cartridge', 'd' => 'Sound disc', 'e' => 'Magnetic audio tape on reel', 'f' => 'Magnetic audio tape in cassette', 'g' => 'Optical and magnetic sound track on motion picture film', 'h' => 'Videotape', 'i' => 'Videodisc'] + $other;
$channels = ['k' => 'Mixed', 'm' => 'Monaural', 'n' => 'Not applicable', 'q' => 'Quadraphonic, multichannel or surround', 's' => 'Stereophonic'] + $other;
$filmWidths = ['a' => 'Standard 8 mm', 'b' => 'Super 8 mm/single 8 mm', 'c' => '9.5 mm', 'd' => '16 mm', 'e' => '28 mm', 'f' => '35 mm', 'g' => '70 mm'];
$filmBase = ['a' => 'Safety base, undetermined', 'c' => 'Safety base, acetate undetermined', 'd' => 'Safety base, diacetate', 'i' => 'Nitrate base', 'm' => 'Mixed base (nitrate and safety)', 'n' => 'Not applicable', 'p' => 'Safety base, polyester', 'r' => 'Safety base, mixed', 't' => 'Safety base, triacetate'] + $other;
$support = ['a' => 'Canvas', 'b' => 'Bristol board', 'c' => 'Cardboard/illustration board', 'd' => 'Glass', 'e' => 'Synthetic', 'f' => 'Skin', 'g' => 'Textile', 'h' => 'Metal', 'i' => 'Plastic', 'l' => 'Vinyl', 'm' => 'Mixed collection', 'n' => 'Vellum', 'o' => 'Paper', 'p' => 'Plaster', 'q' => 'Hardboard', 'r' => 'Porcelain', 's' => 'Stone', 't' => 'Wood', 'v' => 'Leather', 'w' => 'Parchment'] + $other;
$cloudCover = [];
foreach (range(0, 9) as $tenth) {
    $cloudCover[(string) $tenth] = 9 === $tenth ? '90-100 %' : \sprintf('%d-%d %%', 10 * $tenth, 10 * $tenth + 9);
}

return [
    'a' => [
        [1, 1, 'Specific material designation', ['d' => 'Atlas', 'g' => 'Diagram', 'j' => 'Map', 'k' => 'Profile', 'q' => 'Model', 'r' => 'Remote-sensing image', 's' => 'Section', 'y' => 'View'] + $unspecified],
        [3, 1, 'Colour', $mapColour],
        [4, 1, 'Physical medium', $globeMedium + $mapMedium + $other],
        [5, 1, 'Type of reproduction', $reproduction],
        [6, 1, 'Production/reproduction details', ['a' => 'Photocopy, blueline print', 'b' => 'Photocopy', 'c' => 'Pre-production', 'd' => 'Film'] + $other],
        [7, 1, 'Positive/negative aspect', $polarity + ['n' => 'Not applicable'] + $fill],
    ],
    'c' => [
        [1, 1, 'Specific material designation', ['a' => 'Tape cartridge', 'b' => 'Chip cartridge', 'c' => 'Computer optical disc cartridge', 'd' => 'Computer disc, type unspecified', 'e' => 'Computer disc cartridge, type unspecified', 'f' => 'Tape cassette', 'h' => 'Tape reel', 'j' => 'Magnetic disk', 'k' => 'Computer card', 'm' => 'Magneto-optical disc', 'o' => 'Optical disc', 'r' => 'Remote', 's' => 'Standalone device'] + $unspecified],
        [3, 1, 'Colour', ['a' => 'One colour', 'g' => 'Gray scale'] + $colour + $othersOrNone],
        [4, 1, 'Dimensions', ['a' => '3 1/2 in.', 'e' => '12 in.', 'g' => '4 3/4 in. or 12 cm', 'i' => '1 1/8 x 2 3/8 in.', 'j' => '3 7/8 x 2 1/2 in.', 'n' => 'Not applicable', 'o' => '5 1/4 in.', 'v' => '8 in.'] + $other],
        [5, 1, 'Sound', [' ' => 'No sound (silent)', 'a' => 'Sound', 'u' => 'Unknown'] + $fill],
        [6, 3, 'Image bit depth (three digits, mmm, nnn or ---)', []],
        [9, 1, 'File formats', ['a' => 'One file format', 'm' => 'Multiple file formats', 'u' => 'Unknown'] + $fill],
        [10, 1, 'Quality assurance targets', ['a' => 'Absent', 'n' => 'Not applicable', 'p' => 'Present', 'u' => 'Unknown'] + $fill],
        [11, 1, 'Antecedent/source', ['a' => 'File reproduced from original', 'b' => 'File reproduced from microform', 'c' => 'File reproduced from an electronic resource', 'd' => 'File reproduced from an intermediate (not microform)', 'm' => 'Mixed', 'n' => 'Not applicable', 'u' => 'Unknown'] + $fill],
        [12, 1, 'Level of compression', ['a' => 'Uncompressed', 'b' => 'Lossless', 'd' => 'Lossy', 'm' => 'Mixed', 'u' => 'Unknown'] + $fill],
        [13, 1, 'Reformatting quality', ['a' => 'Access', 'n' => 'Not applicable', 'p' => 'Preservation', 'r' => 'Replacement', 'u' => 'Unknown'] + $fill],
    ],
    'd' => [
        [1, 1, 'Specific material designation', ['a' => 'Celestial globe', 'b' => 'Planetary or lunar globe', 'c' => 'Terrestrial globe', 'e' => 'Earth moon globe'] + $unspecified],
        [3, 1, 'Colour', $mapColour],
        [4, 1, 'Physical medium', $globeMedium + $other],
        [5, 1, 'Type of reproduction', $reproduction],
    ],
    'f' => [
        [1, 1, 'Specific material designation', ['a' => 'Moon', 'b' => 'Braille', 'c' => 'Combination', 'd' => 'Tactile, with no writing system'] + $unspecified],
        [3, 2, 'Class of braille writing', [' ' => 'No specified class of braille writing', 'a' => 'Literary braille', 'b' => 'Format code braille', 'c' => 'Mathematics and scientific braille', 'd' => 'Computer braille', 'e' => 'Music braille', 'm' => 'Multiple braille types', 'n' => 'Not applicable'] + $other],
        [5, 1, 'Level of contraction', ['a' => 'Uncontracted', 'b' => 'Contracted', 'm' => 'Combination', 'n' => 'Not applicable'] + $other],
        [6, 3, 'Braille music format', [' ' => 'No specified braille music format', 'a' => 'Bar over bar', 'b' => 'Bar by bar', 'c' => 'Line over line', 'd' => 'Paragraph', 'e' => 'Single line', 'f' => 'Section by section', 'g' => 'Line by line', 'h' => 'Open score', 'i' => 'Spanner short form scoring', 'j' => 'Short form scoring', 'k' => 'Outline', 'l' => 'Vertical score', 'n' => 'Not applicable'] + $other],
        [9, 1, 'Special physical characteristics', ['a' => 'Print/braille', 'b' => 'Jumbo or enlarged braille', 'n' => 'Not applicable'] + $other],
    ],
    'g' => [
        [1, 1, 'Specific material designation', ['c' => 'Filmstrip cartridge', 'd' => 'Filmslip', 'f' => 'Filmstrip, type unspecified', 'o' => 'Filmstrip roll', 's' => 'Slide', 't' => 'Transparency'] + $unspecified],
        [3, 1, 'Colour', ['a' => 'One colour', 'h' => 'Hand coloured'] + $colour + $othersOrNone],
        [4, 1, 'Base of emulsion', ['d' => 'Glass', 'e' => 'Synthetic', 'j' => 'Safety film', 'k' => 'Film base, other than safety film', 'm' => 'Mixed collection', 'o' => 'Paper'] + $other],
        [5, 1, 'Sound on medium or separate', $soundWhere],
        [6, 1, 'Medium for sound', $soundMedium],
        [7, 1, 'Dimensions', $filmWidths + ['j' => '2 x 2 in. or 5 x 5 cm', 'k' => '2 1/4 x 2 1/4 in. or 6 x 6 cm', 's' => '4 x 5 in. or 10 x 13 cm', 't' => '5 x 7 in. or 13 x 18 cm', 'v' => '8 x 10 in. or 21 x 26 cm', 'w' => '9 x 9 in. or 23 x 23 cm', 'x' => '10 x 10 in. or 26 x 26 cm', 'y' => '7 x 7 in. or 18 x 18 cm'] + $other],
        [8, 1, 'Secondary support material', [' ' => 'No secondary support', 'c' => 'Cardboard', 'd' => 'Glass', 'e' => 'Synthetic', 'h' => 'Metal', 'j' => 'Metal and glass', 'k' => 'Synthetic and glass', 'm' => 'Mixed collection'] + $other],
    ],
    'h' => [
        [1, 1, 'Specific material designation', ['a' => 'Aperture card', 'b' => 'Microfilm cartridge', 'c' => 'Microfilm cassette', 'd' => 'Microfilm reel', 'e' => 'Microfiche', 'f' => 'Microfiche cassette', 'g' => 'Microopaque', 'h' => 'Microfilm slip', 'j' => 'Microfilm roll'] + $unspecified],
        [3, 1, 'Positive/negative aspect', $polarity + ['u' => 'Unknown'] + $fill],
        [4, 1, 'Dimensions', ['a' => '8 mm', 'd' => '16 mm', 'f' => '35 mm', 'g' => '70 mm', 'h' => '105 mm', 'l' => '3 x 5 in. or 8 x 13 cm', 'm' => '4 x 6 in. or 11 x 15 cm', 'o' => '6 x 9 in. or 16 x 23 cm', 'p' => '3 1/4 x 7 3/8 in. or 9 x 19 cm'] + $other],
        [5, 1, 'Reduction ratio range', ['a' => 'Low reduction (1-16x)', 'b' => 'Normal reduction (16-30x)', 'c' => 'High reduction (31-60x)', 'd' => 'Very high reduction (61-90x)', 'e' => 'Ultra-high reduction (over 90x)', 'u' => 'Unknown', 'v' => 'Reduction ratio varies'] + $fill],
        [6, 3, 'Reduction ratio (three digits)', []],
        [9, 1, 'Colour', $colour + $other],
        [10, 1, 'Emulsion on film', ['a' => 'Silver halide', 'b' => 'Diazo', 'c' => 'Vesicular', 'm' => 'Mixed emulsion', 'n' => 'Not applicable'] + $other],
        [11, 1, 'Generation', ['a' => 'First generation (master)', 'b' => 'Printing master', 'c' => 'Service copy', 'm' => 'Mixed generation', 'u' => 'Unknown'] + $fill],
        [12, 1, 'Base of film', $filmBase],
    ],
    'k' => [
        [1, 1, 'Specific material designation', ['a' => 'Activity card', 'c' => 'Collage', 'd' => 'Drawing', 'e' => 'Painting', 'f' => 'Photomechanical print', 'g' => 'Photonegative', 'h' => 'Photoprint', 'i' => 'Picture', 'j' => 'Print', 'k' => 'Poster', 'l' => 'Technical drawing', 'n' => 'Chart', 'o' => 'Flash card', 'p' => 'Postcard', 'q' => 'Icon', 'r' => 'Radiograph', 's' => 'Study print', 'v' => 'Photograph, type unspecified'] + $unspecified],
        [3, 1, 'Colour', ['a' => 'One colour', 'h' => 'Hand coloured'] + $colour + $fill],
        [4, 1, 'Primary support material', $support],
        [5, 1, 'Secondary support material', [' ' => 'No secondary support'] + $support],
    ],
    'm' => [
        [1, 1, 'Specific material designation', ['c' => 'Film cartridge', 'f' => 'Film cassette', 'o' => 'Film roll', 'r' => 'Film reel'] + $unspecified],
        [3, 1, 'Colour', ['h' => 'Hand coloured'] + $colour + $othersOrNone],
        [4, 1, 'Motion picture presentation format', ['a' => 'Standard sound aperture (reduced frame)', 'b' => 'Nonanamorphic (wide-screen)', 'c' => '3D', 'd' => 'Anamorphic (wide-screen)', 'e' => 'Other wide-screen format', 'f' => 'Standard silent aperture (full frame)'] + $other],
        [5, 1, 'Sound on medium or separate', $soundWhere],
        [6, 1, 'Medium for sound', $soundMedium],
        [7, 1, 'Dimensions', $filmWidths + $other],
        [8, 1, 'Configuration of playback channels', $channels],
        [9, 1, 'Production elements', ['a' => 'Workprint', 'b' => 'Trims', 'c' => 'Outtakes', 'd' => 'Rushes', 'e' => 'Mixing tracks', 'f' => 'Title bands/inter-title rolls', 'g' => 'Production rolls', 'n' => 'Not applicable', 'z' => 'Other'] + $fill],
        [10, 1, 'Positive/negative aspect', ['a' => 'Positive', 'b' => 'Negative', 'n' => 'Not applicable'] + $other],
        [11, 1, 'Generation', ['d' => 'Duplicate', 'e' => 'Master', 'o' => 'Original', 'r' => 'Reference print/viewing copy'] + $other],
        [12, 1, 'Base of film', $filmBase],
        [13, 1, 'Refined categories of colour', ['a' => '3 layer colour', 'b' => '2 colour, single strip', 'c' => 'Undetermined 2 colour', 'd' => 'Undetermined 3 colour', 'e' => '3 strip colour', 'f' => '2 strip colour', 'g' => 'Red strip', 'h' => 'Blue or green strip', 'i' => 'Cyan strip', 'j' => 'Magenta strip', 'k' => 'Yellow strip', 'l' => 'S E N 2', 'm' => 'S E N 3', 'n' => 'Not applicable', 'p' => 'Sepia tone', 'q' => 'Other tone', 'r' => 'Tint', 's' => 'Tinted and toned', 't' => 'Stencil colour', 'v' => 'Hand coloured'] + $other],
        [14, 1, 'Kind of colour stock or print', ['a' => 'Imbibition dye transfer prints', 'b' => 'Three-layer stock', 'c' => 'Three-layer stock, low fade', 'd' => 'Duplitized stock', 'n' => 'Not applicable'] + $other],
        [15, 1, 'Deterioration stage', ['a' => 'None apparent', 'b' => 'Nitrate: suspicious odour', 'c' => 'Nitrate: pungent odour', 'd' => 'Nitrate: brownish, discoloration, fading, dusty', 'e' => 'Nitrate: sticky', 'f' => 'Nitrate: frothy, bubbles, blisters', 'g' => 'Nitrate: congealed', 'h' => 'Nitrate: powder', 'k' => 'Non-nitrate: detectable deterioration', 'l' => 'Non-nitrate: advanced deterioration', 'm' => 'Non-nitrate: disaster'] + $fill],
        [16, 1, 'Completeness', ['c' => 'Complete', 'i' => 'Incomplete', 'n' => 'Not applicable', 'u' => 'Unknown'] + $fill],
        [17, 6, 'Film inspection date (year and month)', []],
    ],
    'o' => [[1, 1, 'Specific material designation', ['u' => 'Unspecified'] + $fill]],
    'q' => [[1, 1, 'Specific material designation', ['u' => 'Unspecified'] + $fill]],
    'r' => [
        [1, 1, 'Specific material designation', ['u' => 'Unspecified'] + $fill],
        [3, 1, 'Altitude of sensor', ['a' => 'Surface', 'b' => 'Airborne', 'c' => 'Spaceborne', 'n' => 'Not applicable'] + $other],
        [4, 1, 'Attitude of sensor', ['a' => 'Low oblique', 'b' => 'High oblique', 'c' => 'Vertical', 'n' => 'Not applicable', 'u' => 'Unknown'] + $fill],
        [5, 1, 'Cloud cover', $cloudCover + ['n' => 'Not applicable', 'u' => 'Unknown'] + $fill],
        [6, 1, 'Platform construction type', ['a' => 'Balloon', 'b' => 'Aircraft, low altitude', 'c' => 'Aircraft, medium altitude', 'd' => 'Aircraft, high altitude', 'e' => 'Manned spacecraft', 'f' => 'Unmanned spacecraft', 'g' => 'Land-based remote-sensing device', 'h' => 'Water surface-based remote-sensing device', 'i' => 'Submersible remote-sensing device', 'n' => 'Not applicable'] + $other],
        [7, 1, 'Platform use category', ['a' => 'Meteorological', 'b' => 'Surface observing', 'c' => 'Space observing', 'm' => 'Mixed uses', 'n' => 'Not applicable'] + $other],
        [8, 1, 'Sensor type', ['a' => 'Active', 'b' => 'Passive'] + $other],
        [9, 2, 'Data type', ['aa' => 'Visible light', 'da' => 'Near infrared', 'db' => 'Middle infrared', 'dc' => 'Far infrared', 'dd' => 'Thermal infrared', 'de' => 'Shortwave infrared', 'df' => 'Reflective infrared', 'dv' => 'Infrared combinations', 'dz' => 'Other infrared data', 'ga' => 'Sidelooking airborne radar', 'gb' => 'Synthetic aperture radar, single frequency', 'gc' => 'Synthetic aperture radar, multi-frequency', 'gd' => 'Synthetic aperture radar, like polarization', 'ge' => 'Synthetic aperture radar, cross polarization', 'gf' => 'Infometric synthetic aperture radar', 'gg' => 'Polarmetric synthetic aperture radar', 'gu' => 'Passive microwave mapping', 'gz' => 'Other microwave data', 'ja' => 'Far ultraviolet', 'jb' => 'Middle ultraviolet', 'jc' => 'Near ultraviolet', 'jv' => 'Ultraviolet combinations', 'jz' => 'Other ultraviolet data', 'ma' => 'Multi-spectral, multidata', 'mb' => 'Multi-temporal', 'mm' => 'Combination of various data types', 'nn' => 'Not applicable', 'pa' => 'Sonar: water depth', 'pb' => 'Sonar: bottom topography images, sidescan', 'pc' => 'Sonar: bottom topography, near-surface', 'pd' => 'Sonar: bottom topography, near-bottom', 'pe' => 'Seismic surveys', 'pz' => 'Other acoustical data', 'ra' => 'Gravity anomalies (general)', 'rb' => 'Free-air', 'rc' => 'Bouger', 'rd' => 'Isostatic', 'sa' => 'Magnetic field', 'ta' => 'Radiometric surveys', 'uu' => 'Unknown', 'zz' => 'Other', '||' => 'No attempt to code']],
    ],
    's' => [
        [1, 1, 'Specific material designation', ['d' => 'Sound disc', 'e' => 'Cylinder', 'g' => 'Sound cartridge', 'i' => 'Sound-track film', 'q' => 'Roll', 'r' => 'Remote', 's' => 'Sound cassette', 't' => 'Sound-tape reel', 'w' => 'Wire recording'] + $unspecified],
        [3, 1, 'Speed', ['a' => '16 rpm', 'b' => '33 1/3 rpm', 'c' => '45 rpm', 'd' => '78 rpm', 'e' => '8 rpm', 'f' => '1.4 m per second', 'h' => '120 rpm', 'i' => '160 rpm', 'k' => '15/16 ips', 'l' => '1 7/8 ips', 'm' => '3 3/4 ips', 'n' => 'Not applicable', 'o' => '7 1/2 ips', 'p' => '15 ips', 'r' => '30 ips'] + $other],
        [4, 1, 'Configuration of playback channels', ['m' => 'Monaural', 'q' => 'Quadraphonic, multichannel or surround', 's' => 'Stereophonic'] + $other],
        [5, 1, 'Groove width/pitch', ['m' => 'Microgroove/fine', 'n' => 'Not applicable', 's' => 'Coarse/standard'] + $other],
        [6, 1, 'Dimensions', ['a' => '3 in.', 'b' => '5 in.', 'c' => '7 in.', 'd' => '10 in.', 'e' => '12 in.', 'f' => '16 in.', 'g' => '4 3/4 in. or 12 cm', 'j' => '3 7/8 x 2 1/2 in.', 'n' => 'Not applicable', 'o' => '5 1/4 x 3 7/8 in.', 's' => '2 3/4 x 4 in.'] + $other],
        [7, 1, 'Tape width', ['l' => '1/8 in.', 'm' => '1/4 in.', 'n' => 'Not applicable', 'o' => '1/2 in.', 'p' => '1 in.'] + $other],
        [8, 1, 'Tape configuration', ['a' => 'Full (1) track', 'b' => 'Half (2) track', 'c' => 'Quarter (4) track', 'd' => 'Eight track', 'e' => 'Twelve track', 'f' => 'Sixteen track', 'n' => 'Not applicable'] + $other],
        [9, 1, 'Kind of disc, cylinder or tape', ['a' => 'Master tape', 'b' => 'Tape duplication master', 'd' => 'Disc master (negative)', 'i' => 'Instantaneous (recorded on the spot)', 'm' => 'Mass produced', 'n' => 'Not applicable', 'r' => 'Mother (positive)', 's' => 'Stamper (negative)', 't' => 'Test pressing'] + $other],
        [10, 1, 'Kind of material', ['a' => 'Lacquer coating', 'b' => 'Cellulose nitrate', 'c' => 'Acetate tape with ferrous oxide', 'g' => 'Glass with lacquer', 'i' => 'Aluminum with lacquer', 'l' => 'Metal', 'm' => 'Plastic with metal', 'n' => 'Not applicable', 'p' => 'Plastic', 'r' => 'Paper with lacquer or ferrous oxide', 's' => 'Shellac', 'w' => 'Wax'] + $other],
        [11, 1, 'Kind of cutting', ['h' => 'Hill-and-dale cutting', 'l' => 'Lateral or combined cutting', 'n' => 'Not applicable', 'u' => 'Unknown'] + $fill],
        [12, 1, 'Special playback characteristics', ['a' => 'NAB standard', 'b' => 'CCIR standard', 'c' => 'Dolby-B encoded', 'd' => 'dbx encoded', 'e' => 'Digital recording', 'f' => 'Dolby-A encoded', 'g' => 'Dolby-C encoded', 'h' => 'CX encoded', 'n' => 'Not applicable'] + $other],
        [13, 1, 'Capture and storage technique', ['a' => 'Acoustical capture, direct storage', 'b' => 'Direct storage, not acoustical', 'd' => 'Digital storage', 'e' => 'Analog electrical storage'] + $other],
    ],
    't' => [[1, 1, 'Specific material designation', ['a' => 'Regular print', 'b' => 'Large print', 'c' => 'Braille', 'd' => 'Loose-leaf'] + $unspecified]],
    'v' => [
        [1, 1, 'Specific material designation', ['c' => 'Videocartridge', 'd' => 'Videodisc', 'f' => 'Videocassette', 'r' => 'Videoreel'] + $unspecified],
        [3, 1, 'Colour', ['a' => 'One colour'] + $colour + $othersOrNone],
        [4, 1, 'Videorecording format', ['a' => 'Beta (1/2 in., videocassette)', 'b' => 'VHS (1/2 in., videocassette)', 'c' => 'U-matic (3/4 in., videocassette)', 'd' => 'EIAJ (1/2 in., reel)', 'e' => 'Type C (1 in., reel)', 'f' => 'Quadruplex (1 in. or 2 in., reel)', 'g' => 'Laserdisc', 'h' => 'CED (capacitance electronic disc)', 'i' => 'Betacam (1/2 in., videocassette)', 'j' => 'Betacam SP (1/2 in., videocassette)', 'k' => 'Super-VHS (1/2 in., videocassette)', 'm' => 'M-II (1/2 in., videocassette)', 'o' => 'D-2 (3/4 in., videocassette)', 'p' => '8 mm', 'q' => 'Hi-8 mm', 's' => 'Blu-ray disc', 'v' => 'DVD'] + $other],
        [5, 1, 'Sound on medium or separate', $soundWhere],
        [6, 1, 'Medium for sound', $soundMedium],
        [7, 1, 'Dimensions', ['a' => '8 mm', 'm' => '1/4 in.', 'o' => '1/2 in.', 'p' => '1 in.', 'q' => '2 in.', 'r' => '3/4 in.'] + $other],
        [8, 1, 'Configuration of playback channels', $channels],
    ],
    'z' => [[1, 1, 'Specific material designation', ['m' => 'Multiple physical forms'] + $unspecified]],
];
