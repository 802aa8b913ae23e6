/** Drawings for paper, as SVG text: black on white, in millimetres. */
import type { Mm } from '#core/units/quantities'

export interface Drawing {
  svg: string
  /** On paper, at 1:1. */
  width: Mm
  height: Mm
}

type Attributes = Record<string, string | number | undefined>

const escaped = (text: string) =>
  text.replaceAll('&', '&amp;').replaceAll('<', '&lt;').replaceAll('>', '&gt;').replaceAll('"', '&quot;')

export const element = (name: string, attributes: Attributes, ...inner: readonly string[]): string => {
  const stated = Object.entries(attributes).flatMap(([key, value]) =>
    value === undefined ? [] : [` ${key}="${escaped(String(value))}"`],
  )
  return `<${name}${stated.join('')}>${inner.join('')}</${name}>`
}

/** Words in a drawing; `size`: of the type, in the drawing's own unit. */
export const words = (text: string, attributes: Attributes & { x: number; y: number }, size: number): string =>
  element('text', { 'font-family': 'Print', 'font-size': size, fill: '#000', ...attributes }, escaped(text))

/** `box`: left, top, width and height of what is drawn, in its own unit, `scale` mm each. */
export const drawing = (box: readonly [number, number, number, number], scale: number, ...inner: string[]): Drawing => {
  const [, , width, height] = box
  return {
    svg: element('svg', { xmlns: 'http://www.w3.org/2000/svg', viewBox: box.join(' '), width, height }, ...inner),
    width: width * scale,
    height: height * scale,
  }
}

/** The least type on paper, mm: 9 points. */
export const LEAST_TYPE: Mm = 3.175
