import { createTheme, type MantineColorsTuple } from '@mantine/core';
import { MARK } from '../lang';

const gill: MantineColorsTuple = [
  '#fdeeea',
  '#f8d8d0',
  '#efaf9f',
  '#e5846c',
  '#dc6043',
  '#c9472a',
  '#b23a1f',
  '#9a3019',
  '#7f2714',
  '#5f1c0e',
];

const ink: MantineColorsTuple = [
  '#f3f6f5',
  '#e4eaea',
  '#c8d2d3',
  '#a3b1b4',
  '#7b8b91',
  '#56676f',
  '#3d4d56',
  '#2a3943',
  '#1b2933',
  '#12202a',
];

export const theme = createTheme({
  primaryColor: 'gill',
  primaryShade: 6,
  colors: { gill, ink, gray: ink },
  black: '#12202a',
  fontFamily: "'Archivo Variable', system-ui, sans-serif",
  headings: { fontFamily: "'Archivo Variable', system-ui, sans-serif", fontWeight: '650' },
  defaultRadius: 3,
  fontSizes: { xs: '14px', sm: '15px', md: '17px', lg: '19px', xl: '22px' },
  // How large they are stands in css/mantine.css, so that a place may ask for less.
  components: {
    Button: { defaultProps: { size: 'md', color: 'ink.9' } },
    Chip: { defaultProps: { size: 'lg', radius: 3, color: 'ink.9', variant: 'filled' } },
    Checkbox: { defaultProps: { size: 'lg', color: 'ink.9' } },
    Table: { defaultProps: { verticalSpacing: 7, horizontalSpacing: 10, fz: 17 } },
    TextInput: { defaultProps: { size: 'md' } },
    NumberInput: { defaultProps: { size: 'md', decimalSeparator: MARK, allowedDecimalSeparators: ['.', ','] } },
    Autocomplete: { defaultProps: { size: 'md' } },
    Textarea: { defaultProps: { size: 'md' } },
    NativeSelect: { defaultProps: { size: 'md' } },
    PasswordInput: { defaultProps: { size: 'md' } },
  },
});
